<?php

declare(strict_types=1);

return [
    'title' => 'Compare',
    'heading' => 'Side by side',
    'column' => 'Column :number',
    'change' => 'Change',
    'another' => 'One more',
    'remove' => 'Take away',
    'open' => 'Open in Compose',
    'differs' => 'differs from the first',
    'legend' => '≠ marks what differs from the first.',
    'figures' => 'Figures side by side',
    'rows' => [
        'makes' => 'Makes',
        'fat' => 'Fat',
        'flour' => 'Flour',
        'liquid' => 'Liquid',
        'thickness' => 'Thickness',
        'roux' => 'Roux',
        'strength' => 'Thickens',
        'pours' => 'Pours',
        'lumps' => 'Lumps',
        'floats' => 'Fat that floats',
        'depth' => 'Dip-stick',
        'full' => 'Pan full',
        'time' => 'In all',
        'hands' => 'Hands on',
        'salt' => 'Salt',
        'cost' => 'Costs',
        'minds' => 'Things to mind',
    ],
    'fields' => ['colour' => 'Colour', 'thickness' => 'How thick', 'pan' => 'Pan'],
];
