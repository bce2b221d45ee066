<?php

declare(strict_types=1);

namespace App\Records;

use RuntimeException;
use Throwable;

/** Something kept or sent that is not what it should be: where in it, and why. */
final class Unreadable extends RuntimeException
{
    private function __construct(public readonly string $path, public readonly string $why, ?Throwable $because = null)
    {
        parent::__construct($path . ': ' . $why, previous: $because);
    }

    /** @param string $why key of its words in lang/en/faults.php */
    public static function at(string $path, string $why, ?Throwable $because = null): self
    {
        return new self($path, $why, $because);
    }
}
