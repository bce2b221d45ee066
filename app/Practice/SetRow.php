<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Exercise;
use Lento\Practice\Difficulty;

/** A pot that a chef has set, as a page needs it. */
final readonly class SetRow
{
    private function __construct(
        public int $id,
        public string $title,
        public string $sauce,
        public string $liquid,
        public float $litres,
        public Difficulty $difficulty,
    ) {}

    public static function of(Exercise $one): self
    {
        return new self($one->id, $one->title, $one->sauce, $one->liquid, $one->litres, $one->difficulty);
    }
}
