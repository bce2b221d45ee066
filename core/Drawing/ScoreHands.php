<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The hands of one cook, as a line under the score. */
final readonly class ScoreHands
{
    /**
     * @param list<array{x: float, width: float, hands: bool}> $blocks
     * @param list<float> $looks x
     */
    public function __construct(public string $name, public float $y, public array $blocks, public array $looks) {}
}
