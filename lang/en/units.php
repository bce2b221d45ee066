<?php

declare(strict_types=1);

return [
    'celsius' => 'degrees Celsius',
    'fahrenheit' => 'degrees Fahrenheit',
    'part' => ['g' => 'g', 'ml' => 'ml', 'pieces' => 'pieces'],
    'minutes' => ':count min',
    'under_a_minute' => 'under 1 min',
    'hours' => ':hours h :minutes min',
    'litres' => '{1} :amount litre|[2,*] :amount litres',
    'litres_short' => ':amount l',
    'pinch' => 'a pinch',
    'cup' => '{1} :amount cup|[2,*] :amount cups',
    'tbsp' => ':amount tbsp',
    'tsp' => ':amount tsp',
    'grams_per_litre' => ':grams g/l',
    'at' => 'at :temperature',
    'boiling' => 'boiling',
    'space' => 'space',
    'and' => 'and',
];
