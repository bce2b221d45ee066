<?php

declare(strict_types=1);

return [
    // The kitchen this installation belongs to.
    'kitchen' => env('LENTO_KITCHEN', 'Marigold galley'),
    // Open to whoever sits at this machine, as the demo's chef; to nobody else.
    'demo' => (bool) env('LENTO_DEMO', false),
    // The names that its server goes by, beside that of APP_URL and this machine's own, with commas between: galley.local,192.168.1.20
    'hosts' => (string) env('LENTO_HOSTS', ''),
    // The addresses of servers that stand in front of this one on other machines, with commas between: of nobody else is it believed whom
    // they pass on.
    'proxies' => (string) env('LENTO_PROXIES', ''),
    // Where a tablet finds the root that it is to trust, of a kitchen that made its own.
    'root_url' => (string) env('LENTO_ROOT_URL', ''),
    // Where the copies of the database are kept.
    'backups' => (string) env('LENTO_BACKUPS', storage_path('app/backups')),
    // Whose cups and spoons stand beside the grams: us, metric or imperial.
    'measures' => env('LENTO_MEASURES', 'metric'),
    // Whether what finished pots teach is reckoned with, until the kitchen says otherwise.
    'learn' => (bool) env('LENTO_LEARN', true),
    // How often, by what (docs/security.md).
    'rates' => [
        'sign_in' => (int) env('LENTO_SIGN_INS_A_MINUTE', 5),
        'readings' => (int) env('LENTO_READINGS_A_MINUTE', 60),
        'wrong_tokens' => (int) env('LENTO_WRONG_TOKENS_A_MINUTE', 20),
        'made' => (int) env('LENTO_MADE_A_MINUTE', 30),
        'imports' => (int) env('LENTO_IMPORTS_AN_HOUR', 4),
    ],
    // How many of each a kitchen has at most.
    'most' => (int) env('LENTO_MOST_OF_EACH', 200),
    // Whoever measures Lento from outside says this token; without one there is nothing to read.
    'metrics_token' => (string) env('LENTO_METRICS_TOKEN', ''),
    // The pan a new question starts from.
    'pan' => ['diameter_mm' => 240, 'height_mm' => 140],
];
