<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Numerics\Root;

/** The sauce that the scale of thickness is read against: equal weights of butter and plain flour, fully swollen, milk to one litre. */
final readonly class ReferenceBechamel
{
    /** g/l below which water, not starch, rules and the curve bends too fast for a cubic. */
    private const BENDS_BELOW = 16.0;

    private function __construct(private Sauce $rouxPerGram, private Sauce $milkPerGram) {}

    /** All thickness in Lento is read against it. */
    public static function house(): self
    {
        return new self(ReferenceScale::roux(), ReferenceScale::milk());
    }

    public function sauce(float $flourGramsPerLitre): Sauce
    {
        $roux = $this->rouxPerGram->times($flourGramsPerLitre);

        return $roux->plus($this->milkPerGram->times(max(0.0, (1000.0 - $roux->millilitres()) / $this->milkPerGram->millilitres())));
    }

    /** @return float Pa s at 10 1/s and 60 °C */
    public function viscosity(float $flourGramsPerLitre): float
    {
        return Flow::apparent($this->sauce($flourGramsPerLitre)->suspension(), 1.0, ReferenceScale::WATER);
    }

    /**
     * @param float $pascalSeconds at 10 1/s and 60 °C
     *
     * @return float g/l, clamped to 0 and 200
     */
    public function flourFor(float $pascalSeconds): float
    {
        $last = (int) (EquivalentFlour::MOST / ReferenceScale::STEP);
        $straightened = ReferenceScale::straightened($pascalSeconds);
        if ($straightened <= ReferenceScale::POINTS[0]) {
            return EquivalentFlour::LEAST;
        }
        if ($straightened >= ReferenceScale::POINTS[$last]) {
            return EquivalentFlour::MOST;
        }
        if ($straightened < ReferenceScale::POINTS[(int) (self::BENDS_BELOW / ReferenceScale::STEP)]) {
            return (new Root(1e-9))->of(
                fn(float $grams): float => ReferenceScale::straightened($this->viscosity($grams)) - $straightened,
                0.0,
                self::BENDS_BELOW,
                'an equivalent flour number',
            );
        }

        return $this->between($straightened, $last);
    }

    /** Finds the pair of points around it, then inverts the cubic through these and their neighbours by Newton's rule. */
    private function between(float $y, int $last): float
    {
        [$low, $high] = [0, $last];
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            ReferenceScale::POINTS[$middle] <= $y ? $low = $middle : $high = $middle;
        }
        [$a, $b, $c, $d] = [
            ReferenceScale::POINTS[$low - 1],
            ReferenceScale::POINTS[$low],
            ReferenceScale::POINTS[$low + 1],
            ReferenceScale::POINTS[$low + 2],
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
}
