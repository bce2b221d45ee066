<?php

declare(strict_types=1);

namespace App\Practice;

use Lento\Drill\Drill;
use Lento\Drill\DrillKind;

/** A drill as it is asked: what it is drawn from is enough to draw it again. */
final readonly class Card
{
    public function __construct(
        public DrillKind $kind,
        public int $seed,
        public string $sauce,
        public Drill $drill,
        public int $due,
    ) {}
}
