<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A staff where it came to stand, with all that is played on it. */
final readonly class ScoreBlock
{
    /**
     * @param list<float> $lines y of the highest, the middle, the lowest
     * @param list<array{x: float, y: float, width: float, colour: string, kept: bool, id: string}> $bars
     * @param list<array{points: string, x: float, y: float, initial: string, hands: bool, open: bool, stems: string}> $beams
     * @param list<ScoreLabel> $labels
     */
    public function __construct(
        public ScoreStaff $staff,
        public array $lines,
        public array $bars,
        public array $beams,
        public ScoreSmall $small,
        public array $labels,
    ) {}
}
