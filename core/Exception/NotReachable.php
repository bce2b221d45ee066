<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** The target lies beyond what these means can reach, however much of them is used. */
final class NotReachable extends DomainException implements LentoException
{
    public static function target(string $what): self
    {
        return new self(sprintf('%s cannot be reached', $what));
    }
}
