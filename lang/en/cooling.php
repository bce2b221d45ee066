<?php

declare(strict_types=1);

return [
    'should' => 'Should cool in time for :rules, margin and all. Only a thermometer in the middle says that it has.',
    'will_not' => 'Will not surely cool in time for :rules. Shallower, uncovered, or stirred in ice.',
    'caution'
        => 'A forecast passes nothing: take the temperature in the middle, write it down, and follow your local food-safety '
            . 'code and your kitchen’s licensed procedures.',
    'rules' => [
        'us-model-code' => 'the US model code',
        'uk-guidance' => 'UK guidance',
        'australia-nz' => 'the Australia and New Zealand code',
        'codex-style' => 'Codex-style guidance',
    ],
    'stands' => 'Stands',
    'stands_as' => ':volume, :depth mm deep',
    'until_counted' => 'Until :celsius °C, where the clock starts',
    'stage' => ':from to :to °C, within :within',
    'likely' => 'about :time; with the margin :cautious',
    'never' => 'never, in this place',
    'deepest' => 'At most so deep here',
    'ok' => 'should',
    'not_ok' => 'will not',
    'record' => 'By the thermometer',
    'verdicts' => ['passed' => 'passed', 'failed' => 'failed', 'open' => 'open'],
];
