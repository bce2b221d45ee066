<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/** A flour or starch: what it is made of, how it packs into a cup, and how strongly it thickens. */
final readonly class Thickener
{
    public float $water;

    public float $starch;

    public float $protein;

    public float $fat;

    public float $amylose;

    public float $power;

    public Temperature $swelling;

    public float $longSimmerLoss;

    public float $rawTaste;

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        private Packing $packing,
        private FlourMakeup $makeup,
        private Strength $strength,
        public array $allergens,
    ) {
        // Read in the innermost loops.
        [$this->water, $this->starch, $this->protein] = [$makeup->water, $makeup->starch, $makeup->protein];
        [$this->fat, $this->amylose] = [$makeup->fat, $makeup->amylose];
        [$this->power, $this->swelling] = [$strength->power, $strength->swelling];
        [$this->longSimmerLoss, $this->rawTaste] = [$strength->longSimmerLoss, $strength->rawTaste];
    }

    /**
     * One of the kitchen's own: what is known of it, the rest as in this one.
     *
     * @param non-empty-string $id
     * @param Density|null $spooned weighed by the kitchen; scooped and sifted follow in proportion
     * @param float|null $protein mass fraction, as on the packet
     * @param float|null $power thickening per gram against plain flour, 0.2 to 4
     *
     * @throws OutOfRange if a fraction is none, the parts are more than all, or the power lies outside
     */
    public function similar(
        string $id,
        ?Density $spooned = null,
        ?float $protein = null,
        ?float $water = null,
        ?float $power = null,
    ): self {
        $parts = Parts::filled(
            ['water' => $this->water, 'starch' => $this->starch, 'protein' => $this->protein, 'fat' => $this->fat],
            ['water' => $water, 'protein' => $protein],
        );

        return new self(
            $id,
            $spooned === null ? $this->packing : $this->packing->weighed($spooned),
            new FlourMakeup($parts['water'], $parts['starch'], $parts['protein'], $parts['fat'], $this->amylose),
            // What thickens is the starch: less of it, less power, where the kitchen has not measured it.
            $this->strength->ofPower($power ?? $this->power * $parts['starch'] / $this->starch),
            $this->allergens,
        );
    }

    /** @param list<Allergen> $allergens */
    public function declaring(array $allergens): self
    {
        return new self($this->id, $this->packing, $this->makeup, $this->strength, $allergens);
    }

    /** @return array{float, float, float} kg/m3 spooned, scooped, sifted */
    public function packs(): array
    {
        return array_map(fn(FlourMeasure $how): float => $this->density($how)->kilogramsPerCubicMetre, [
            FlourMeasure::Spooned,
            FlourMeasure::Scooped,
            FlourMeasure::Sifted,
        ]);
    }

    public function density(FlourMeasure $how = FlourMeasure::Spooned): Density
    {
        return $this->packing->by($how);
    }
}
