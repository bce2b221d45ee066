<?php

declare(strict_types=1);

return [
    'unknown' => 'This token is not known here, or was withdrawn. Make one in Kitchen.',
    'field' => [
        'readings' => 'readings: a list of 1 to :most readings.',
        'id' => 'id: the device’s own name for the reading, up to 60 letters.',
        'value' => 'value: a number; °C of a probe, kg of a scale.',
        'sent_at' => 'sent_at: when you send this by your own clock, as ms since 1970 or a time like 2026-11-24T17:31:00Z.',
        'at' => 'at: ms since 1970, or a time like 2026-11-24T17:31:00Z.',
    ],
    'at_the_pot' => '{1} :name: one reading ignored, :why|[2,*] :name: :count readings ignored, the last: :why',
    'why' => [
        'no_pot' => 'no pot stands where it reads',
        'nonsense' => 'not a value it can read',
        'unlikely' => 'not what this pot can be now',
        'before' => 'older than the pot that stands there',
        'future' => 'later than now',
        'often' => 'there is one for these ten seconds already',
    ],
];
