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
        /** the same amount said again in the line, where the two differ by more than a rounding */
        public ?Mass $saidAgain = null,
        /** 0 is the recipe's first line that is not empty */
        public int $number = 0,
    ) {}

    public function onLine(int $number): self
    {
        return new self(
            $this->text,
            $this->ingredient,
            $this->mass,
            $this->volume,
            $this->loose,
            $this->finishes,
            $this->saidAgain,
            $number,
        );
    }


    public function finishing(): self
    {
        return new self($this->text, $this->ingredient, $this->mass, $this->volume, $this->loose, true, $this->saidAgain, $this->number);
    }
}
