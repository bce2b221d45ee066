<?php

declare(strict_types=1);

namespace Lento\Exception;

use RuntimeException;

/** A solver used up its iterations; a bug or an input nobody foresaw, never a normal answer. */
final class NoConvergence extends RuntimeException implements LentoException
{
    public static function after(int $iterations, string $what): self
    {
        return new self(sprintf('%s did not settle within %d iterations', $what, $iterations));
    }
}
