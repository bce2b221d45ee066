<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** A name that the larder, a table or a unit list does not hold. */
final class Unknown extends DomainException implements LentoException
{
    public static function name(string $kind, string $name): self
    {
        return new self(sprintf('no %s is called "%s"', $kind, $name));
    }
}
