<?php

declare(strict_types=1);

return [
    'title' => 'Bin',
    'empty' => 'Nothing has been thrown away.',
    'line' => ':kind, thrown away :at by :by',
    'back' => 'Put back',
    'back_name' => 'Put :name back',
    'put_back' => 'It is back.',
    'name_taken' => 'There is another of this name now. Rename that one first.',
    'binned' => ':name is in the bin.',
    'archived' => ':name is put away.',
    'undo' => 'Undo',
    'archive' => 'Put away',
    'archive_name' => 'Put :name away, into the archive',
    'archive_title' => 'Archive',
    'archive_empty' => 'Nothing is put away.',
    'since' => 'since :at',
    'out' => 'Take out',
    'out_name' => 'Take :name out of the archive',
    'taken_out' => 'It is in its list again.',
    'kinds' => ['services' => 'Services', 'sauces' => 'Kept sauces', 'own' => 'Sauces of your own', 'pots' => 'Pots of the log'],
    'points' => [
        'usual_pan' => '{1}It was the usual pan.',
        'usual_ring' => '{1}It was the usual ring.',
        'sauces' => '{1}One kept sauce asks for it.|[2,*]:count kept sauces ask for it.',
        'devices' => '{1}A probe or scale reads there.|[2,*]:count probes or scales read there.',
        'pots_on' => '{1}A pot that is on goes on.|[2,*]:count pots that are on go on.',
        'services' => '{1}One service asks for it.|[2,*]:count services ask for it.',
        'pots' => '{1}One pot of the log came from it, and stays.|[2,*]:count pots of the log came from it, and stay.',
    ],
];
