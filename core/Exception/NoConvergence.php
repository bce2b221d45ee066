<?php

declare(strict_types=1);

namespace Lento\Exception;

use RuntimeException;

/** A solver used up its iterations; a bug or an input nobody foresaw, never a normal answer. */
final class NoConvergence extends RuntimeException implements LentoException
{
    private function __construct(public readonly int $iterations, public readonly string $what)
    {
        parent::__construct($what . ' after ' . $iterations);
    }

    public static function after(int $iterations, string $what): self
    {
        return new self($iterations, $what);
    }

    public function about(): string
    {
        return $this->what;
    }
}
