<?php

declare(strict_types=1);

return [
    'splashes' => 'The first splash of :what steams violently: let the roux cool below 130 °C.',
    'runs-over' => 'Runs over the brim.',
    'smokes' => 'The fat smokes.',
    'burns' => 'The roux burns: black specks cannot be saved.',
    'catches' => 'Catches on the bottom: stir, or less heat.',
    'too-hot-for' => 'Too hot for :what: take it off the heat first.',
    'may-curdle' => 'May curdle with :what.',
    'boils-dry' => 'Boils dry.',
];
