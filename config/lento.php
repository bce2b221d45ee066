<?php

declare(strict_types=1);

return [
    // The kitchen this installation belongs to.
    'kitchen' => env('LENTO_KITCHEN', 'Marigold galley'),
    // The names that its server goes by, beside that of APP_URL and this machine's own, with commas between: galley.local,192.168.1.20
    'hosts' => (string) env('LENTO_HOSTS', ''),
    // Where the copies of the database are kept.
    'backups' => (string) env('LENTO_BACKUPS', storage_path('app/backups')),
    // Whose cups and spoons stand beside the grams: us, metric or imperial.
    'measures' => env('LENTO_MEASURES', 'metric'),
    // Whether what finished pots teach is reckoned with, until the kitchen says otherwise.
    'learn' => (bool) env('LENTO_LEARN', true),
    // The pan a new question starts from.
    'pan' => ['diameter_mm' => 240, 'height_mm' => 140],
];
