<?php

declare(strict_types=1);

// The framework's own rules, as far as they are used, in the words of faults.php.
$missing = ':attribute: missing.';

return [
    'required' => $missing,
    'required_if' => $missing,
    'required_with' => $missing,
    'required_without' => $missing,
    'string' => ':attribute: must be a text.',
    'integer' => ':attribute: must be a whole number.',
    'array' => ':attribute: must be a list.',
    'in' => ':attribute: “:input” is not one of the choices.',
    'enum' => ':attribute: “:input” is not one of the choices.',
    'exists' => ':attribute: there is none.',
    'unique' => ':attribute: another one in use is called so already.',
    'max' => [
        'string' => ':attribute: at most :max letters.',
        'array' => ':attribute: at most :max.',
    ],
    'attributes' => (require __DIR__ . '/faults.php')['fields'],
];
