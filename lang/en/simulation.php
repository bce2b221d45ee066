<?php

declare(strict_types=1);

return [
    'at' => 'min',
    'temperature' => '°C',
    'shade' => 'shade',
    'volume' => 'ml',
    'depth' => 'mm deep',
    'thickness' => 'g flour/l',
    'class' => 'class',
    'books' => 'In :in g; steam :steam g, strainer and pan :strained g, skimmed :skimmed g, ladled :ladled g; in the pot :left g.',
];
