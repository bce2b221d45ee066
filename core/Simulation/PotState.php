<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Roux\Shade;
use Lento\Thickness\Sauce;

/** A pot at one moment: a paste until the first liquid, a sauce from then on. */
final readonly class PotState
{
    /**
     * @param float $celsius of pan and content
     * @param Paste|null $paste null once it is a sauce
     * @param Shade|null $shade of the roux in it; null before there is flour
     * @param float $vegetables g raw, for the strainer
     * @param float $smooth chance-like rank of no lumps so far, 1 to 0
     */
    private function __construct(
        public float $celsius,
        public ?Paste $paste,
        public Sauce $sauce,
        public ?Shade $shade,
        public float $vegetables,
        public float $smooth,
        public Ledger $ledger,
    ) {}

    public static function emptyPan(float $celsius): self
    {
        return new self($celsius, Paste::nothing(), Sauce::nothing(), null, 0.0, 1.0, Ledger::opened());
    }

    public function pasted(Paste $paste, float $celsius, Ledger $ledger): self
    {
        return new self(
            $celsius,
            $paste,
            $this->sauce,
            $paste->hasFlour() ? $paste->shade() : null,
            $this->vegetables,
            $this->smooth,
            $ledger,
        );
    }

    public function sauced(Sauce $sauce, float $celsius, Ledger $ledger, float $smooth = 1.0): self
    {
        return new self($celsius, null, $sauce, $this->shade, $this->vegetables, $this->smooth * $smooth, $ledger);
    }

    /** @param float $smooth chance-like rank of no lumps, 1 to 0: whisked, strained, or with a skin stirred in */
    public function smoothed(float $smooth): self
    {
        return new self(
            $this->celsius,
            $this->paste,
            $this->sauce,
            $this->shade,
            $this->vegetables,
            max(0.0, min(1.0, $smooth)),
            $this->ledger,
        );
    }

    public function withVegetables(float $grams): self
    {
        return new self($this->celsius, $this->paste, $this->sauce, $this->shade, $this->vegetables + $grams, $this->smooth, $this->ledger);
    }

    public function withoutVegetables(): self
    {
        return new self($this->celsius, $this->paste, $this->sauce, $this->shade, 0.0, $this->smooth, $this->ledger);
    }

    /** What is in the pan, whatever it is called. */
    public function content(): Sauce
    {
        return $this->paste?->asSauce() ?? $this->sauce;
    }
}
