<?php

declare(strict_types=1);

return [
    // The kitchen this installation belongs to.
    'kitchen' => env('LENTO_KITCHEN', 'Marigold galley'),
    // Whose cups and spoons stand beside the grams: us, metric or imperial.
    'measures' => env('LENTO_MEASURES', 'metric'),
    // The pan a new question starts from.
    'pan' => ['diameter_mm' => 240, 'height_mm' => 140],
];
