<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Pot\Lid;

/** What stays as it is until the cook changes it. */
final readonly class Setting
{
    private function __construct(public Heating $heating, public Lid $lid, public float $stirring) {}

    /** Cold, open, stirred now and then. */
    public static function cold(): self
    {
        return new self(Heating::off(), Lid::Open, 0.5);
    }

    public function heated(Heating $heating): self
    {
        return new self($heating, $this->lid, $this->stirring);
    }

    public function lidded(Lid $lid): self
    {
        return new self($this->heating, $lid, $this->stirring);
    }

    /** @param float $stirring 0 left alone to 1 stirred all the time */
    public function stirred(float $stirring): self
    {
        return new self($this->heating, $this->lid, min(1.0, max(0.0, $stirring)));
    }
}
