<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;

// Every format Lento speaks is held against its schema in docs/formats/.

function fitsSchema(string $json, string $schema): bool
{
    $validator = new Validator();
    foreach (
        [
            'compose-request',
            'compose-answer',
            'derive-request',
            'derive-answer',
            'rescue-request',
            'rescue-answer',
            'assay-answer',
            'simulate-request',
            'simulate-answer',
            'cool-request',
            'cool-answer',
            'pot-events-request',
            'pot-events-answer',
            'readings-request',
            'readings-answer',
            'plan',
            'event',
            'log',
            'record',
            'stock',
        ] as $name
    ) {
        $validator->resolver()?->registerFile('lento:' . $name, base_path("docs/formats/{$name}.schema.json"));
    }

    return $validator->validate(json_decode($json), 'lento:' . $schema)->isValid();
}
