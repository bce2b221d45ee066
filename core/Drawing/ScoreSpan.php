<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** From when until when a score is drawn, and what stands across it. */
final readonly class ScoreSpan
{
    /**
     * @param int|null $now minute; null where it lies outside
     * @param list<int> $servings minutes
     * @param list<array{int, int, string}> $clashes from, until, and who is wanted twice
     */
    public function __construct(
        public int $from,
        public int $until,
        public ?int $now = null,
        public array $servings = [],
        public array $clashes = [],
    ) {}
}
