<?php

declare(strict_types=1);

return [
    'made' => ':file: :pots pots, :events events, looked through and sound.',
    'restored' => 'The kitchen is as it was in :file.',
    'aside' => 'What it replaces is kept as :file.',
    'serving' => 'Lento is serving. Stop it first, then bring the copy back.',
    'unsound' => [
        'missing' => 'There is no copy at :file.',
        'no_database' => ':file is no database. Nothing was changed.',
        'damaged' => ':file is damaged. Nothing was changed.',
        'loose' => ':file holds rows that belong to nothing. Nothing was changed.',
        'foreign' => ':file is no copy of a Lento kitchen. Nothing was changed.',
        'other_rows' => ':file does not hold what was to be in it. Nothing was changed.',
        'engine' => 'PostgreSQL’s own programs could not do it with :file. Nothing was changed.',
        'unreadable' => ':file cannot be read. Nothing was changed.',
    ],
];
