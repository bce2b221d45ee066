<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** When a note sounds, and who plays it. */
final readonly class ScorePlaying
{
    /**
     * @param int $from minute
     * @param int $until minute
     * @param int|null $cook by his place; null where nobody stands by
     * @param bool $hands both hands; else he watches
     * @param list<array{int, int}> $visits minute and cook
     * @param bool $kept whether it is only kept hot
     */
    public function __construct(
        public int $from,
        public int $until,
        public ?int $cook = null,
        public bool $hands = false,
        public array $visits = [],
        public bool $kept = false,
    ) {}
}
