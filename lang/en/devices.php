<?php

declare(strict_types=1);

return [
    'unknown' => 'This token is not known here, or was withdrawn. Make one in Kitchen.',
    'field' => [
        'readings' => 'readings: a list of 1 to :most readings.',
        'id' => 'id: the device’s own name for the reading, up to 60 letters.',
        'value' => 'value: a number; °C of a probe, kg of a scale.',
        'at' => 'at: ms since 1970, or a time like 2026-11-24T17:31:00Z.',
    ],
    'why' => [
        'no_pot' => 'no pot stands where it reads',
        'nonsense' => 'not a value it can read',
        'before' => 'older than the pot that stands there',
        'future' => 'later than now',
        'often' => 'there is one for these ten seconds already',
    ],
];
