<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Pot\Pan;

/** The pan that an act is done in, and in how many goes. */
final readonly class DoneIn
{
    private function __construct(public Pan $pan, public int $batches) {}

    public static function once(Pan $pan): self
    {
        return new self($pan, 1);
    }

    public static function batches(Pan $pan, int $batches): self
    {
        return new self($pan, max(1, $batches));
    }
}
