<?php

declare(strict_types=1);

namespace Lento\Larder;

use Closure;
use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Quantity\Density;

/** Anything that goes into a pot besides the roux: liquids, finishes, vegetables, seasoning. */
final readonly class Ingredient
{
    /**
     * Fractions are by mass. `solids` is all that is neither water, fat nor alcohol; `milkSolids`, `gelatin` and `salt` are parts of it.
     *
     * @param non-empty-string $id
     * @param float $pH
     * @param float $buffer mmol per litre and pH unit
     * @param float $thickening g of flour that would thicken as much, per g
     * @param float $yolk share of egg yolk
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        public Role $role,
        public Density $density,
        public float $water,
        public float $fat,
        public float $solids,
        public float $pH,
        public float $buffer,
        public float $milkSolids = 0.0,
        public float $gelatin = 0.0,
        public float $salt = 0.0,
        public float $alcohol = 0.0,
        public float $thickening = 0.0,
        public float $yolk = 0.0,
        public array $allergens = [],
    ) {}

    /**
     * One of the kitchen's own: what is known of it, the rest as in this one.
     *
     * @param non-empty-string $id
     * @param float|null $water mass fraction, as are the others
     * @param list<Allergen>|null $allergens
     *
     * @throws OutOfRange if a fraction is none, the parts are more than all, or the pH is not between 1 and 10
     */
    public function similar(
        string $id,
        ?Density $density = null,
        ?float $water = null,
        ?float $fat = null,
        ?float $salt = null,
        ?float $gelatin = null,
        ?float $pH = null,
        ?array $allergens = null,
    ): self {
        if ($pH !== null && ($pH < 1.0 || $pH > 10.0 || !is_finite($pH))) {
            throw OutOfRange::between('ph', is_finite($pH) ? $pH : 0.0, 1.0, 10.0, '');
        }
        $parts = Parts::filled(
            ['water' => $this->water, 'fat' => $this->fat, 'solids' => $this->solids, 'alcohol' => $this->alcohol],
            ['water' => $water, 'fat' => $fat],
        );
        Parts::filled(['salt' => $this->salt, 'gelatin' => $this->gelatin], ['salt' => $salt, 'gelatin' => $gelatin]);
        $solids = max($parts['solids'], $salt ?? 0.0, $gelatin ?? 0.0);

        return new self(
            $id,
            $this->role,
            $density ?? $this->density,
            max(0.0, $parts['water'] - ($solids - $parts['solids'])),
            $parts['fat'],
            $solids,
            $pH ?? $this->pH,
            $this->buffer,
            $this->solids > 0.0 ? $this->milkSolids * $solids / $this->solids : 0.0,
            $gelatin ?? $this->gelatin,
            $salt ?? $this->salt,
            $parts['alcohol'],
            $this->thickening,
            $this->yolk,
            $allergens ?? $this->allergens,
        );
    }

    /**
     * Several poured together and measured as one.
     *
     * @param non-empty-string $id
     * @param non-empty-list<array{self, float}> $parts each with its share of the volume; together 1
     */
    public static function blend(string $id, array $parts): self
    {
        $grams = array_map(static fn(array $part): float => $part[1] * $part[0]->density->inGramsPerMillilitre(), $parts);
        $whole = array_sum($grams);
        $mean = static function (Closure $of) use ($parts, $grams, $whole): float {
            $sum = 0.0;
            foreach ($parts as $i => [$kind]) {
                $share = $of($kind);
                $sum += is_float($share) ? $grams[$i] / $whole * $share : 0.0;
            }

            return $sum;
        };
        $buffer = $mean(static fn(self $one): float => $one->buffer);

        return new self(
            $id,
            $parts[0][0]->role,
            Density::ofGramsPerMillilitre($whole),
            $mean(static fn(self $one): float => $one->water),
            $mean(static fn(self $one): float => $one->fat),
            $mean(static fn(self $one): float => $one->solids),
            $buffer > 0.0 ? $mean(static fn(self $one): float => $one->buffer * $one->pH) / $buffer : $parts[0][0]->pH,
            $buffer,
            $mean(static fn(self $one): float => $one->milkSolids),
            $mean(static fn(self $one): float => $one->gelatin),
            $mean(static fn(self $one): float => $one->salt),
            $mean(static fn(self $one): float => $one->alcohol),
            $mean(static fn(self $one): float => $one->thickening),
            $mean(static fn(self $one): float => $one->yolk),
            array_values(
                array_unique(array_merge(...array_map(static fn(array $part): array => $part[0]->allergens, $parts)), SORT_REGULAR),
            ),
        );
    }

    /** @return float J/(g K), from the parts */
    public function heatCapacity(): float
    {
        return HeatCapacity::of($this->water, $this->fat, $this->solids, $this->alcohol);
    }
}
