<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/** A flour or starch: what it is made of, how it packs into a cup, and how strongly it thickens. */
final readonly class Thickener
{
    /**
     * @param non-empty-string $id
     * @param float $water mass fraction, as are $starch, $protein, $fat
     * @param float $amylose share of the starch, 0 to 1
     * @param float $power thickening per gram against plain flour = 1
     * @param Temperature $swelling where half of it has gelatinised
     * @param float $longSimmerLoss share of the thickening a very long simmer takes away
     * @param float $rawTaste cereal taste per gram while raw, against plain flour = 1
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        private Density $spooned,
        private Density $scooped,
        private Density $sifted,
        public float $water,
        public float $starch,
        public float $protein,
        public float $fat,
        public float $amylose,
        public float $power,
        public Temperature $swelling,
        public float $longSimmerLoss,
        public float $rawTaste,
        public array $allergens,
    ) {}

    /**
     * One of the kitchen's own: what is known of it, the rest as in this one.
     *
     * @param non-empty-string $id
     * @param Density|null $spooned weighed by the kitchen; scooped and sifted follow in proportion
     * @param float|null $protein mass fraction, as on the packet
     * @param float|null $power thickening per gram against plain flour, 0.2 to 4
     * @param list<Allergen>|null $allergens
     *
     * @throws OutOfRange if a fraction is none, the parts are more than all, or the power lies outside
     */
    public function similar(
        string $id,
        ?Density $spooned = null,
        ?float $protein = null,
        ?float $water = null,
        ?float $power = null,
        ?array $allergens = null,
    ): self {
        if ($power !== null && (!is_finite($power) || $power < 0.2 || $power > 4.0)) {
            throw OutOfRange::between('thickening-power', is_finite($power) ? $power : 0.0, 0.2, 4.0, '');
        }
        $parts = Parts::filled(
            ['water' => $this->water, 'starch' => $this->starch, 'protein' => $this->protein, 'fat' => $this->fat],
            ['water' => $water, 'protein' => $protein],
        );
        $packs = $spooned === null ? 1.0 : $spooned->kilogramsPerCubicMetre / $this->spooned->kilogramsPerCubicMetre;
        $packed = static fn(Density $density): Density => Density::ofGramsPerMillilitre($density->inGramsPerMillilitre() * $packs);

        return new self(
            $id,
            $packed($this->spooned),
            $packed($this->scooped),
            $packed($this->sifted),
            $parts['water'],
            $parts['starch'],
            $parts['protein'],
            $parts['fat'],
            $this->amylose,
            // What thickens is the starch: less of it, less power, where the kitchen has not measured it.
            $power ?? $this->power * $parts['starch'] / $this->starch,
            $this->swelling,
            $this->longSimmerLoss,
            $this->rawTaste,
            $allergens ?? $this->allergens,
        );
    }

    /** @return array{float, float, float} kg/m3 spooned, scooped, sifted */
    public function packs(): array
    {
        return [$this->spooned->kilogramsPerCubicMetre, $this->scooped->kilogramsPerCubicMetre, $this->sifted->kilogramsPerCubicMetre];
    }

    public function density(FlourMeasure $how = FlourMeasure::Spooned): Density
    {
        return match ($how) {
            FlourMeasure::Spooned => $this->spooned,
            FlourMeasure::Scooped => $this->scooped,
            FlourMeasure::Sifted => $this->sifted,
        };
    }
}
