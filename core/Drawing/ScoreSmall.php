<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** What is small on a staff. */
final readonly class ScoreSmall
{
    /**
     * @param list<array{x: float, y: float}> $heads of what is played with both hands, where it begins and ends
     * @param list<array{x: float, y: float, stem: string}> $visits
     * @param list<string> $ties paths
     * @param list<array{x: float, y: float}> $fermatas
     */
    public function __construct(public array $heads, public array $visits, public array $ties, public array $fermatas) {}
}
