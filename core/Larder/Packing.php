<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;

/** How a flour packs into a cup, by how it got there. */
final readonly class Packing
{
    public function __construct(public Density $spooned, public Density $scooped, public Density $sifted) {}

    public function by(FlourMeasure $how): Density
    {
        return match ($how) {
            FlourMeasure::Spooned => $this->spooned,
            FlourMeasure::Scooped => $this->scooped,
            FlourMeasure::Sifted => $this->sifted,
        };
    }

    /** Weighed by the kitchen; scooped and sifted follow in proportion. */
    public function weighed(Density $spooned): self
    {
        $packs = $spooned->kilogramsPerCubicMetre / $this->spooned->kilogramsPerCubicMetre;
        $packed = static fn(Density $density): Density => Density::ofGramsPerMillilitre($density->inGramsPerMillilitre() * $packs);

        return new self($packed($this->spooned), $packed($this->scooped), $packed($this->sifted));
    }
}
