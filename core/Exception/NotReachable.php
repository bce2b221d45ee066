<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** The target lies beyond what these means can reach, however much of them is used. */
final class NotReachable extends DomainException implements LentoException
{
    /**
     * @param string $target as a key
     * @param string $with which heat, how many minutes: what its words name, where they name anything
     */
    private function __construct(public readonly string $target, public readonly string $with)
    {
        parent::__construct(trim($target . ' ' . $with));
    }

    public static function target(string $target, string $with = ''): self
    {
        return new self($target, $with);
    }

    public function about(): string
    {
        return $this->target;
    }
}
