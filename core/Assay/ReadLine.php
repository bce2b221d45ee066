<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** One line of a recipe, understood: what, how much, and what it was taken for where the word was loose. */
final readonly class ReadLine
{
    public function __construct(
        public string $text,
        /** larder id; null for a herb that weighs nothing in the sauce */
        public ?string $ingredient,
        public Mass $mass,
        /** as measured cold */
        public Volume $volume,
        public bool $loose,
        /** stirred in at the end, off the boil */
        public bool $finishes = false,
    ) {}

    public function finishing(): self
    {
        return new self($this->text, $this->ingredient, $this->mass, $this->volume, $this->loose, true);
    }
}
