<?php

declare(strict_types=1);

return [
    'class' => [
        'thin' => 'thin',
        'soup' => 'soup',
        'pouring' => 'pouring',
        'coating' => 'coating',
        'gratin' => 'gratin',
        'binding' => 'binding',
    ],
    'use' => [
        'soup' => 'soups, stews',
        'pouring' => 'over meat',
        'coating' => 'most sauces',
        'gratin' => 'gratins, pasta bakes',
        'binding' => 'croquettes, soufflés',
    ],
    'that' => [
        'thin' => 'that runs off',
        'soup' => 'that leaves a light film',
        'pouring' => 'that glazes',
        'coating' => 'that coats',
        'gratin' => 'that masks',
        'binding' => 'that binds',
    ],
    'spoon' => [
        'runs-off' => 'Runs off',
        'veils' => 'Veils',
        'glazes' => 'Glazes',
        'coats' => 'Coats',
        'masks' => 'Masks',
        'mounds' => 'Mounds',
    ],
    'line' => [
        'holds' => 'A finger line holds.',
        'runs' => 'A finger line runs shut.',
    ],
    'says' => [
        'runs-off' => 'Runs off the spoon.',
        'veils' => 'A light film on the spoon.',
        'glazes' => 'Glazes the spoon; it shows through.',
        'coats' => 'Coats the spoon.',
        'coats-holds' => 'Coats, and a finger line holds.',
        'masks' => 'Masks the spoon, holds a ribbon.',
        'mounds' => 'Stands in mounds.',
    ],
];
