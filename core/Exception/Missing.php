<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** Something without which there is no answer was not given. */
final class Missing extends DomainException implements LentoException
{
    private function __construct(string $message, public readonly string $what)
    {
        parent::__construct($message);
    }

    public static function from(string $where, string $what): self
    {
        return new self(sprintf('no %s was found in %s', $what, $where), $what);
    }
}
