<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** From one minute up to another, that one not included. */
final readonly class Interval
{
    public function __construct(public int $from, public int $until)
    {
        if ($until < $from) {
            throw OutOfRange::below('interval-end', $until, $from, 'min');
        }
    }

    public function meets(int $from, int $until): bool
    {
        return $this->from < $until && $from < $this->until;
    }
}
