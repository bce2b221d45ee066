<?php

declare(strict_types=1);

return [
    'too_often' => 'Too often. Wait a minute; readings that wait may come together.',
    'unknown' => 'This token is not known here, or was withdrawn. Make one in Kitchen.',
    'at_the_pot' => '{1} :name: one reading ignored, :why|[2,*] :name: :count readings ignored, the last: :why',
    'why' => [
        'no_tub' => 'that tub is empty, or gone',
        'no_pot' => 'no pot stands where it reads',
        'forgotten' => 'nobody has had a hand on that pot for a day: say at the stove that it is still on',
        'nonsense' => 'not a value it can read',
        'unlikely' => 'not what this pot can be now',
        'before' => 'older than the pot that stands there',
        'future' => 'later than now',
        'often_in_tub' => 'there is one for these two minutes already',
        'often' => 'there is one for these ten seconds already',
    ],
];
