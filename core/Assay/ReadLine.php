<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** One line of a recipe, understood: what, how much, and what it was taken for where the word was loose. */
final readonly class ReadLine
{
    public Mass $mass;

    public Volume $volume;

    public bool $loose;

    public ?Mass $saidAgain;

    public Measuring $measuring;

    public bool $fluidOunces;

    public function __construct(
        public string $text,
        /** larder id; null for a herb that weighs nothing in the sauce */
        public ?string $ingredient,
        private Understood $amount,
        /** stirred in at the end, off the boil */
        public bool $finishes = false,
        /** 0 is the recipe's first line that is not empty */
        public int $number = 0,
    ) {
        $this->mass = $amount->mass;
        $this->volume = $amount->volume;
        $this->loose = $amount->loose;
        $this->saidAgain = $amount->saidAgain;
        $this->measuring = $amount->measuring ?? Measuring::notAtAll();
        $this->fluidOunces = $amount->fluidOunces;
    }

    public function onLine(int $number): self
    {
        return new self(
            $this->text,
            $this->ingredient,
            $this->amount,
            $this->finishes,
            $number,
        );
    }

    public function finishing(): self
    {
        return new self(
            $this->text,
            $this->ingredient,
            $this->amount,
            true,
            $this->number,
        );
    }
}
