<?php

declare(strict_types=1);

return [
    'verdict' => [
        'thin' => 'Too thin to be a sauce: :yield that runs off the spoon (like :flour g flour a litre).',
        'soup' => 'Soup-thin: :yield that leaves a veil on the spoon (like :flour g flour a litre).',
        'pouring' => 'A pouring sauce: :yield that coats the spoon but lets it show through (like :flour g flour a litre).',
        'coating' => 'A coating sauce: :yield that coats the spoon, and a finger line holds (like :flour g flour a litre).',
        'gratin' => 'Thick, for gratins: :yield with a ribbon that stays (like :flour g flour a litre).',
        'binding' => 'A binding paste: :yield that stands in mounds (like :flour g flour a litre).',
    ],
    'flour' => 'Flour',
    'fat' => 'Fat',
    'fat_to_flour' => 'Fat to flour',
    'liquid' => 'Liquid',
    'roux_to_liquid' => 'Roux to liquid',
    'one_to' => '1 to :parts by weight',
    'roux' => 'Roux',
    'simmer' => 'Simmer',
    'pan' => 'Pan',
    'yield' => 'Yield',
    'reducing' => 'Reduction, beyond the simmer',
    'finish' => 'Finish: :what',
    'between' => 'between :least and :most °C',
    'at_most' => 'off the boil, at most :most °C',
    'any_heat' => 'may boil',
    'unread' => 'Not understood, left out',
];
