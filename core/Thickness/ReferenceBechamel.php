<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Numerics\Root;

/** The sauce that the scale of thickness is read against: equal weights of butter and plain flour, fully swollen, milk to one litre. */
final readonly class ReferenceBechamel
{
    /** g/l below which water, not starch, rules and the curve bends too fast for a cubic. */
    private const BENDS_BELOW = 16.0;

    private function __construct() {}

    /** All thickness in Lento is read against it. */
    public static function house(): self
    {
        return new self();
    }

    public function sauce(float $flourGramsPerLitre): Sauce
    {
        return self::mixed(ReferenceScale::roux(), ReferenceScale::milk(), $flourGramsPerLitre);
    }

    /** @return float Pa s at 10 1/s and 60 °C */
    public function viscosity(float $flourGramsPerLitre): float
    {
        return self::viscosityOf($this->sauce($flourGramsPerLitre));
    }

    /**
     * @param float $pascalSeconds at 10 1/s and 60 °C
     *
     * @return float g/l, clamped to 0 and 200
     */
    public function flourFor(float $pascalSeconds): float
    {
        $points = ReferenceScale::POINTS;
        $last = (int) (EquivalentFlour::MOST / ReferenceScale::STEP);
        $straightened = ReferenceScale::straightened($pascalSeconds);
        if ($straightened <= $points[0]) {
            return EquivalentFlour::LEAST;
        }
        if ($straightened >= $points[$last]) {
            return EquivalentFlour::MOST;
        }
        if ($straightened < $points[(int) (self::BENDS_BELOW / ReferenceScale::STEP)]) {
            [$roux, $milk] = [ReferenceScale::roux(), ReferenceScale::milk()];
            $off = static fn(float $grams): float
                => ReferenceScale::straightened(self::viscosityOf(self::mixed($roux, $milk, $grams))) - $straightened;

            return (new Root(1e-9))->of($off, 0.0, self::BENDS_BELOW, 'equivalent-flour');
        }

        return $this->between($straightened, $last);
    }

    /** Finds the pair of points around it, then inverts the cubic through these and their neighbours by Newton's rule. */
    private function between(float $y, int $last): float
    {
        $points = ReferenceScale::POINTS;
        [$low, $high] = [0, $last];
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $points[$middle] <= $y ? $low = $middle : $high = $middle;
        }
        [$a, $b, $c, $d] = [
            $points[$low - 1],
            $points[$low],
            $points[$low + 1],
            $points[$low + 2],
        ];
        // Lagrange's cubic through -1, 0, 1, 2 as a polynomial of the part t of the step.
        $third = ($d - $a) / 6.0 + ($b - $c) / 2.0;
        $second = ($a + $c) / 2.0 - $b;
        $first = $c - $a / 3.0 - $b / 2.0 - $d / 6.0;
        $t = ($y - $b) / ($c - $b);
        for ($i = 0; $i < 4; $i++) {
            $t -= ((($third * $t + $second) * $t + $first) * $t + $b - $y) / ((3.0 * $third * $t + 2.0 * $second) * $t + $first);
        }

        return ReferenceScale::STEP * ($low + $t);
    }

    /** One litre of it. */
    private static function mixed(Sauce $roux, Sauce $milk, float $flourGramsPerLitre): Sauce
    {
        $thickening = $roux->times($flourGramsPerLitre);

        return $thickening->plus($milk->times(max(0.0, (1000.0 - $thickening->millilitres()) / $milk->millilitres())));
    }

    private static function viscosityOf(Sauce $sauce): float
    {
        return Flow::apparent($sauce->suspension(), 1.0, ReferenceScale::WATER);
    }
}
