<?php

declare(strict_types=1);

return [
    'title' => 'Log',
    'empty' => 'Nothing cooked yet',
    'empty_hint' => 'A pot that is closed at the stove stands here.',
    'planned' => 'planned',
    'foreseen' => ':thickness; :depth mm deep',
    'outcome' => 'came out',
    'minutes' => ':taken min, planned :planned',
    'open' => 'Course of :name, :time',
    'still_on' => 'still on',
    'taken_off' => 'taken off unfinished',
    'volume_as_planned' => 'as much as planned',
    'volume_more' => ':percent % more than planned',
    'volume_less' => ':percent % less than planned',
    'spoon_as_planned' => 'as thick as planned',
    'spoon_other' => 'not the “:planned” of the plan',
    'back' => 'All pots',
    'course' => 'Its course',
    'course_says' => 'Course of the pot in time. Planned :planned min, taken :taken min.',
    'happened' => 'happened',
    'at' => 'At',
    'step' => 'Step',
    'took' => 'Took, min',
    'plan' => 'Planned',
    'taste' => 'Taste',
    'by' => 'by :cook',
];
