<?php

declare(strict_types=1);

// Sentences of a recipe that goes out: Assay reads them again.
return [
    'colour' => 'Cook the roux until it is :colour, :minutes.',
    'simmer' => [
        'bare' => 'Simmer barely for :minutes.',
        'simmer' => 'Simmer for :minutes.',
        'brisk' => 'Simmer briskly for :minutes.',
        'boil' => 'Simmer, at a rolling boil for :minutes.',
    ],
    'reduce' => 'Boil it down, about :minutes.',
    'as_jsonld' => 'As JSON-LD',
    'as_txt' => 'As text',
];
