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
    'waits' => 'waits for its code',
    'paired' => 'paired',
    'seen' => 'seen :at',
    'none' => 'No tablet is paired.',
];
