<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** A name that the larder, a table or a unit list does not hold. */
final class Unknown extends DomainException implements LentoException
{
    /**
     * @param string $kind of thing that was looked for, as a key
     * @param string $name that nothing goes by
     */
    private function __construct(public readonly string $kind, public readonly string $name)
    {
        parent::__construct($kind . ' ' . $name);
    }

    public static function name(string $kind, string $name): self
    {
        return new self($kind, $name);
    }

    public function about(): string
    {
        return $this->kind;
    }
}
