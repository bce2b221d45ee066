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
     * Fractions are by mass.
     *
     * @param non-empty-string $id
     * @param list<Allergen> $allergens that it certainly holds
     * @param list<Allergen> $readLabel that it may hold: what is bought varies, and its label says
     */
    private function __construct(
        public string $id,
        public Role $role,
        public Density $density,
        public float $water,
        public float $fat,
        public float $solids,
        public float $milkSolids,
        public float $gelatin,
        public float $salt,
        public float $alcohol,
        public float $thickening,
        public float $yolk,
        public float $pH,
        public float $buffer,
        public array $allergens,
        public array $readLabel = [],
    ) {}

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    public static function of(string $id, Role $role, Density $density, Makeup $makeup, Acidity $acidity, array $allergens = []): self
    {
        return new self(
            $id,
            $role,
            $density,
            $makeup->water,
            $makeup->fat,
            $makeup->solids,
            $makeup->milkSolids,
            $makeup->gelatin,
            $makeup->salt,
            $makeup->alcohol,
            $makeup->thickening,
            $makeup->yolk,
            $acidity->pH,
            $acidity->buffer,
            $allergens,
            BoughtLabel::of($id),
        );
    }

    /**
     * One of the kitchen's own: what is known of it by mass, the rest as in this one.
     *
     * @param non-empty-string $id
     *
     * @throws OutOfRange if a fraction is none, or the parts are more than all
     */
    public function similar(string $id, ?float $water = null, ?float $fat = null, ?float $salt = null, ?float $gelatin = null): self
    {
        $parts = Parts::filled(
            ['water' => $this->water, 'fat' => $this->fat, 'solids' => $this->solids, 'alcohol' => $this->alcohol],
            ['water' => $water, 'fat' => $fat],
        );
        Parts::filled(['salt' => $this->salt, 'gelatin' => $this->gelatin], ['salt' => $salt, 'gelatin' => $gelatin]);
        $solids = max($parts['solids'], $salt ?? 0.0, $gelatin ?? 0.0);

        return self::of(
            $id,
            $this->role,
            $this->density,
            Makeup::of(max(0.0, $parts['water'] - ($solids - $parts['solids'])), $parts['fat'], $solids)->with(
                $this->solids > 0.0 ? $this->milkSolids * $solids / $this->solids : 0.0,
                $gelatin ?? $this->gelatin,
                $salt ?? $this->salt,
                $parts['alcohol'],
                $this->thickening,
                $this->yolk,
            ),
            new Acidity($this->pH, $this->buffer),
            $this->allergens,
        );
    }

    /**
     * The same with the allergens that somebody has looked up.
     *
     * @param non-empty-string $id that it goes by
     * @param list<Allergen> $allergens
     */
    public function labelled(string $id, array $allergens): self
    {
        return self::of(
            $id,
            $this->role,
            $this->density,
            Makeup::of($this->water, $this->fat, $this->solids)->with(
                $this->milkSolids,
                $this->gelatin,
                $this->salt,
                $this->alcohol,
                $this->thickening,
                $this->yolk,
            ),
            new Acidity($this->pH, $this->buffer),
            $allergens,
        );
    }

    /** @param list<Allergen> $allergens */
    public function declaring(array $allergens): self
    {
        return new self(
            $this->id,
            $this->role,
            $this->density,
            $this->water,
            $this->fat,
            $this->solids,
            $this->milkSolids,
            $this->gelatin,
            $this->salt,
            $this->alcohol,
            $this->thickening,
            $this->yolk,
            $this->pH,
            $this->buffer,
            $allergens,
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

        return self::of(
            $id,
            $parts[0][0]->role,
            Density::ofGramsPerMillilitre($whole),
            Makeup::of(
                $mean(static fn(self $one): float => $one->water),
                $mean(static fn(self $one): float => $one->fat),
                $mean(static fn(self $one): float => $one->solids),
            )->with(
                $mean(static fn(self $one): float => $one->milkSolids),
                $mean(static fn(self $one): float => $one->gelatin),
                $mean(static fn(self $one): float => $one->salt),
                $mean(static fn(self $one): float => $one->alcohol),
                $mean(static fn(self $one): float => $one->thickening),
                $mean(static fn(self $one): float => $one->yolk),
            ),
            new Acidity(
                $buffer > 0.0 ? $mean(static fn(self $one): float => $one->buffer * $one->pH) / $buffer : $parts[0][0]->pH,
                $buffer,
            ),
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
