<?php

declare(strict_types=1);

return [
    'skip' => 'Skip to the page',
    'places' => 'Places',
    'compose' => 'Compose',
    'family' => 'Family',
    'stove' => 'Stove',
    'log' => 'Log',
    'pots_on' => 'Pots on now',
    'no_pots' => 'No pots on.',
    'more' => '+:count more',
    'now' => 'now',
    'keys' => 'Keys',
    'keys_title' => 'Keys',
    'keys_on' => 'Single keys work',
    'keys_hint' => 'They never work while you type.',
    'keys_list' => ['C' => 'Compose', 'F' => 'Family', 'A' => 'Assay a recipe', 'G' => 'the galley’s own: pans, rings, larder', 'X' => 'kept sauces', 'V' => 'keep this', 'M' => 'compare', 'T' => 'Stove', 'R' => 'Rescue, about the pot in hand', 'L' => 'Log', '[ ]' => 'previous, next pot', 'Space' => 'done, or pour', 'U' => 'undo', 'V' => 'stirred', 'E' => 'skimmed', 'I' => 'read the first instrument', '1–9' => 'the numbered tap: spoon, taste, where it goes', ', .' => 'heat down, up', 'W' => 'place and cook', 'H' => 'put on a pot', 'Y' => 'top up', 'B' => 'back to the simmer', 'N' => 'note', '+' => 'a minute more', 'P' => 'print', 'D' => 'day and night line', '?' => 'this list'],
    'close' => 'Close',
    'night' => 'Night line',
    'local_code' => 'Lento never certifies safety. Follow your local food-safety code and your kitchen’s licensed procedures.',
];
