<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\LentoException;
use Lento\Numerics\Curve;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\ThicknessClass;

/**
 * What brings a formula to a class of thickness, each way by itself: so much more flour with the fat and liquid as they are, or more roux
 * where that would leave it too dry; so many minutes more of its simmer; or so much more liquid with the roux as it is.
 */
final readonly class Bringing
{
    /** min: longer than this nobody waits for a thickness that a spoon of flour gives. */
    private const LONGEST = 45.0;

    /** Rounds of fat to flour: flour hardly moves for a little less fat beside it. */
    private const ROUNDS = 4;

    /** Share of the flour, or of the liquid, that is not worth saying. */
    private const LEAST = 0.005;

    /** @param Duration|null $longer null where it takes more than three quarters of an hour */
    private function __construct(
        public ThicknessClass $to,
        public ?Mass $flour = null,
        public ?Duration $longer = null,
        public ?Volume $liquid = null,
        public ?Mass $roux = null,
    ) {}

    public static function of(Sheet $sheet, ThicknessClass $to): self
    {
        $goal = $to->target();
        if ($sheet->thickness->thicknessClass() === $to) {
            return new self($to);
        }

        if ($sheet->thickness->gramsPerLitre > $goal->gramsPerLitre) {
            return new self($to, liquid: self::moreLiquid($sheet, $goal));
        }
        $flour = self::moreFlour($sheet, $goal);

        return new self($to, $flour, self::longer($sheet, $goal), roux: $flour === null ? self::moreRoux($sheet, $goal) : null);
    }

    /** Whether it is of that class as it stands. */
    public function isThere(): bool
    {
        return $this->flour === null && $this->longer === null && $this->liquid === null && $this->roux === null;
    }

    private static function moreFlour(Sheet $sheet, EquivalentFlour $goal): ?Mass
    {
        [$fat, $flour] = [$sheet->roux->fat->inGrams(), $sheet->roux->flour->inGrams()];
        $wanted = $flour;
        try {
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $wanted = self::withItsLiquid($sheet, $goal, $fat / $wanted)->roux->flour->inGrams();
            }
        } catch (LentoException) {
            return null;
        }

        return $wanted - $flour > self::LEAST * $flour ? Mass::ofGrams($wanted - $flour) : null;
    }

    /** With its own fat beside it. */
    private static function moreRoux(Sheet $sheet, EquivalentFlour $goal): ?Mass
    {
        try {
            $wanted = self::withItsLiquid($sheet, $goal, $sheet->question->fatToFlour)->roux->mass()->inGrams();
            $more = $wanted - $sheet->roux->mass()->inGrams();
        } catch (LentoException) {
            return null;
        }

        return $more > 0.0 ? Mass::ofGrams($more) : null;
    }

    private static function withItsLiquid(Sheet $sheet, EquivalentFlour $goal, float $fatToFlour): Sheet
    {
        $all = Given::liquid(Volume::ofCubicMetres($sheet->liquid->cubicMetres * $sheet->question->formula->share()));

        return (new Composer())->answer($sheet->question->wanting($all, $goal, $fatToFlour));
    }

    private static function longer(Sheet $sheet, EquivalentFlour $goal): ?Duration
    {
        $solvent = Flow::waterViscosity(EquivalentFlour::CELSIUS);
        $at = EquivalentFlour::straightened($goal->viscosity()->pascalSeconds);
        // What finishes it thins it by as much as it does now.
        $off = EquivalentFlour::straightened(Flow::apparent($sheet->served->suspension(), 1.0, $solvent))
            - EquivalentFlour::straightened(Flow::apparent($sheet->end->suspension(), 1.0, $solvent));
        $short = static fn(Sauce $sauce): float
            => EquivalentFlour::straightened(Flow::apparent($sauce->suspension(), 1.0, $solvent)) + $off - $at;
        try {
            $time = $sheet->question->simmer()->timeUntil($sheet->end, $short, 'thickness-by-boiling-it-down');
        } catch (LentoException) {
            return null;
        }

        return $time->inMinutes() <= self::LONGEST ? $time : null;
    }

    private static function moreLiquid(Sheet $sheet, EquivalentFlour $goal): ?Volume
    {
        $fat = Mass::ofGrams(Curve::clamp($sheet->roux->fat->inGrams(), Given::LEAST_GRAMS, Given::MOST_GRAMS));
        try {
            $wanted = (new Composer())->answer($sheet->question->wanting(Given::fat($fat), $goal, $sheet->question->fatToFlour))->liquid;
        } catch (LentoException) {
            return null;
        }
        $more = $wanted->cubicMetres - $sheet->liquid->cubicMetres;

        return $more > self::LEAST * $sheet->liquid->cubicMetres ? Volume::ofCubicMetres($more) : null;
    }
}
