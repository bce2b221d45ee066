<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;

/** @param list<string> $arguments */
function lento(array $arguments, string $input = ''): ProcessResult
{
    return Process::path(base_path())->timeout(300)->input($input)->run(['./lento', ...$arguments]);
}
