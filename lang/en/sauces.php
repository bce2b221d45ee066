<?php

declare(strict_types=1);

return [
    'bechamel' => 'béchamel',
    'veloute' => 'velouté',
    'espagnole' => 'espagnole',
    'named' => [
        'bechamel' => 'White béchamel',
        'veloute' => ':Stock velouté',
        'espagnole' => 'Espagnole',
    ],
    'stock' => [
        'chicken-stock' => 'chicken',
        'veal-stock' => 'veal',
        'fish-stock' => 'fish',
        'shellfish-stock' => 'shellfish',
        'vegetable-stock' => 'vegetable',
        'game-stock' => 'game',
        'packed-broth' => 'packed-broth',
    ],
];
