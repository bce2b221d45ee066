<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** Something without which there is no answer was not given. */
final class Missing extends DomainException implements LentoException
{
    /**
     * @param string $where it should be, as a key
     * @param string $what it is
     */
    private function __construct(public readonly string $where, public readonly string $what)
    {
        parent::__construct($where . ' without ' . $what);
    }

    public static function from(string $where, string $what): self
    {
        return new self($where, $what);
    }

    public function about(): string
    {
        return $this->what;
    }
}
