<?php

declare(strict_types=1);

return [
    'title' => 'Who did what',
    'how' => 'Nothing here can be changed. What happened to a pot stands in the pot.',
    'empty' => 'Nothing has been changed yet.',
    'older' => 'Older',
    'nobody' => 'nobody by name',
    'what' => [
        'made' => 'made :thing :name',
        'changed' => 'changed :thing :name',
        'binned' => 'threw away :thing :name',
        'put_back' => 'put back :thing :name',
        'archived' => 'put away :thing :name',
        'unarchived' => 'took out :thing :name',
        'deleted' => 'took away for good :thing :name',
    ],
    'of' => [
        'pans' => 'the pan',
        'hobs' => 'the ring',
        'vessels' => 'the tub or tray',
        'pars' => 'the par of',
        'larder_entries' => 'the ingredient',
        'own_derivatives' => 'the sauce',
        'formulas' => 'a house formula',
        'sauces' => 'the kept sauce',
        'services' => 'the service',
        'pots' => 'the pot',
        'devices' => 'the device',
        'members' => 'the person',
        'tablets' => 'the tablet',
        'galleys' => 'the kitchen’s settings',
        'log_imports' => 'the file',
    ],
];
