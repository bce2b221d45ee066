<?php

declare(strict_types=1);

return [
    'title' => 'Tablets',
    'how' => 'A tablet is paired once and stays. Lost one? Throw it away here, and it shows nothing any more.',
    'name' => 'Name of the tablet',
    'pair' => 'Pair a tablet',
    'say'
        => 'On “:name”, open :address and type this code, or hold its camera here. It is good for :minutes minutes and shown this once.',
    'qr' => 'The same code for a camera',
    'root' => 'A tablet that says it does not trust this kitchen',
    'root_how'
        => 'Open :address on it once, in clear, and install what it loads as a trusted root; then pair it. The root was made on this '
            . 'machine and vouches for this kitchen’s names alone.',
    'qr_root' => 'That address for a camera',
    'waits' => 'waits for its code',
    'paired' => 'paired',
    'seen' => 'seen :at',
    'none' => 'No tablet is paired.',
];
