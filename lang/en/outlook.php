<?php

declare(strict_types=1);

return [
    'minutes' => 'about :likely min (:range)',
    'grams' => ':likely g/l (:range)',
    'could_be' => 'could be :classes',
    'or' => ' or ',
    'steam' => 'about :likely ml (:range)',
    'litres' => '(:range l)',
    'millilitres' => '(:range ml)',
    'eight_in_ten' => ':range g/l in 8 of 10 pots',
    'lumps' => 'Lumps',
    'specks' => 'Burnt specks',
    'scorching' => 'Catching',
    'risk' => [
        'low' => 'unlikely',
        'some' => 'some risk',
        'high' => 'likely',
        'very-high' => 'very likely',
    ],
    'title' => 'How sure',
    'thickness' => 'Thickness',
    'roux' => 'Roux to its colour',
    'evaporation' => 'Steam',
];
