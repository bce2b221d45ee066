<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/** A fat a roux can be made with. */
final readonly class Fat
{
    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     * @param bool $makesRoux false for one that only finishes a sauce
     * @param list<Allergen> $readLabel that it may hold: what is bought varies, and its label says
     */
    private function __construct(
        public string $id,
        public Density $density,
        public float $fat,
        public float $water,
        public float $solids,
        public Temperature $smokes,
        public Temperature $melts,
        public array $allergens,
        public bool $makesRoux,
        public array $readLabel = [],
    ) {}

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    public static function of(
        string $id,
        Density $density,
        FatMakeup $makeup,
        Temperature $smokes,
        Temperature $melts,
        array $allergens,
    ): self {
        return new self(
            $id,
            $density,
            $makeup->fat,
            $makeup->water,
            $makeup->solids,
            $smokes,
            $melts,
            $allergens,
            true,
            BoughtLabel::of($id),
        );
    }

    /** One that finishes a sauce and makes no roux. */
    public function onlyToFinish(): self
    {
        return $this->but($this->id, new FatMakeup($this->fat, $this->water, $this->solids), $this->smokes, false);
    }

    /**
     * One of the kitchen's own: what is known of it, the rest as in this one.
     *
     * @param non-empty-string $id
     * @param float|null $fat mass fraction, as is $water
     *
     * @throws OutOfRange if a fraction is none or the parts are more than all
     */
    public function similar(string $id, ?float $fat = null, ?float $water = null, ?Temperature $smokes = null): self
    {
        $parts = Parts::filled(
            ['fat' => $this->fat, 'water' => $this->water, 'milk solids' => $this->solids],
            ['fat' => $fat, 'water' => $water],
        );

        return $this->but(
            $id,
            new FatMakeup($parts['fat'], $parts['water'], $parts['milk solids']),
            $smokes ?? $this->smokes,
            $this->makesRoux,
        );
    }

    /** @return float J/K per gram of it, water left out */
    public function dryHeat(): float
    {
        return HeatCapacity::FAT_IN_ROUX * (1.0 - $this->water);
    }

    /** The same cooked until its water is gone: browned or clarified in the pan. */
    public function withoutWater(): self
    {
        $dry = $this->fat + $this->solids;

        return $this->but($this->id, new FatMakeup($this->fat / $dry, 0.0, $this->solids / $dry), $this->smokes, $this->makesRoux);
    }

    /**
     * The same with the allergens that somebody has looked up.
     *
     * @param non-empty-string $id that it goes by
     * @param list<Allergen> $allergens
     */
    public function labelled(string $id, array $allergens): self
    {
        return new self(
            $id,
            $this->density,
            $this->fat,
            $this->water,
            $this->solids,
            $this->smokes,
            $this->melts,
            $allergens,
            $this->makesRoux,
            [],
        );
    }

    /** @param non-empty-string $id */
    private function but(string $id, FatMakeup $makeup, Temperature $smokes, bool $makesRoux): self
    {
        return new self(
            $id,
            $this->density,
            $makeup->fat,
            $makeup->water,
            $makeup->solids,
            $smokes,
            $this->melts,
            $this->allergens,
            $makesRoux,
            BoughtLabel::of($id),
        );
    }
}
