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
        'soup' => 'that veils',
        'pouring' => 'that pours',
        'coating' => 'that coats',
        'gratin' => 'that masks',
        'binding' => 'that binds',
    ],
    'spoon' => [
        'runs-off' => 'Runs off',
        'veils' => 'Veils',
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
        'veils' => 'A veil on the spoon.',
        'coats' => 'Coats; the spoon shows through.',
        'coats-holds' => 'Coats, and a finger line holds.',
        'masks' => 'A ribbon stays.',
        'mounds' => 'Stands in mounds.',
    ],
];
