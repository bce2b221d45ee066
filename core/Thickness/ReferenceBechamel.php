<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Larder\Larder;
use Lento\Numerics\Root;
use Lento\Quantity\Mass;

/** The sauce that the scale of thickness is read against: equal weights of butter and plain flour, fully swollen, milk to one litre. */
final readonly class ReferenceBechamel
{
    /** g/l between the points at which the scale is computed; in between a cubic reads it to 1e-7 (its test measures that). */
    private const STEP = 2.0;

    /** g/l below which water, not starch, rules and the curve bends too fast for a cubic. */
    private const BENDS_BELOW = 16.0;

    /** What the starch adds to the viscosity, to this power, is nearly a straight line in flour. */
    private const STRAIGHTENS = 1.0 / 3.6;

    /**
     * @param float $water Pa s of water
     * @param float $milk Pa s of the milk alone
     * @param non-empty-list<float> $points straightened viscosity at 0, 2, 4 … 204 g/l
     */
    private function __construct(private Sauce $rouxPerGram, private Sauce $milkPerGram, private float $water, private float $milk, private array $points) {}

    /** Made once: all thickness in Lento is read against it. */
    public static function house(): self
    {
        /** @var self|null $house */
        static $house = null;

        return $house ??= self::computed();
    }

    public function sauce(float $flourGramsPerLitre): Sauce
    {
        $roux = $this->rouxPerGram->times($flourGramsPerLitre);

        return $roux->plus($this->milkPerGram->times(max(0.0, (1000.0 - $roux->millilitres()) / $this->milkPerGram->millilitres())));
    }

    /** @return float Pa s at 10 1/s and 60 °C */
    public function viscosity(float $flourGramsPerLitre): float
    {
        return Flow::apparent($this->sauce($flourGramsPerLitre)->suspension(), 1.0, $this->water);
    }

    /**
     * @param float $pascalSeconds at 10 1/s and 60 °C
     *
     * @return float g/l, clamped to 0 and 200
     */
    public function flourFor(float $pascalSeconds): float
    {
        $last = (int) (EquivalentFlour::MOST / self::STEP);
        $straightened = $this->straightened($pascalSeconds);
        if ($straightened <= $this->points[0]) {
            return EquivalentFlour::LEAST;
        }
        if ($straightened >= $this->points[$last]) {
            return EquivalentFlour::MOST;
        }
        if ($straightened < $this->points[(int) (self::BENDS_BELOW / self::STEP)]) {
            return (new Root(1e-9))->of(fn(float $grams): float => $this->straightened($this->viscosity($grams)) - $straightened, 0.0, self::BENDS_BELOW, 'an equivalent flour number');
        }

        return $this->between($straightened, $last);
    }

    /** Finds the pair of points around it, then inverts the cubic through these and their neighbours by Newton's rule. */
    private function between(float $y, int $last): float
    {
        [$low, $high] = [0, $last];
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $this->points[$middle] <= $y ? $low = $middle : $high = $middle;
        }
        [$a, $b, $c, $d] = [$this->points[$low - 1], $this->points[$low], $this->points[$low + 1], $this->points[$low + 2]];
        // Lagrange's cubic through -1, 0, 1, 2 as a polynomial of the part t of the step.
        $third = ($d - $a) / 6.0 + ($b - $c) / 2.0;
        $second = ($a + $c) / 2.0 - $b;
        $first = $c - $a / 3.0 - $b / 2.0 - $d / 6.0;
        $t = ($y - $b) / ($c - $b);
        for ($i = 0; $i < 4; $i++) {
            $t -= ((($third * $t + $second) * $t + $first) * $t + $b - $y) / ((3.0 * $third * $t + 2.0 * $second) * $t + $first);
        }

        return self::STEP * ($low + $t);
    }

    private static function computed(): self
    {
        $larder = Larder::house();
        $gram = Mass::ofGrams(1.0);
        $roux = Sauce::nothing()->withThickener($larder->thickener('plain-flour'), $gram, gelatinised: 1.0)->withFat($larder->fat('butter'), $gram);
        $milk = Sauce::nothing()->with($larder->ingredient('whole-milk'), $gram);
        $water = Flow::waterViscosity(EquivalentFlour::CELSIUS);
        $scale = new self($roux, $milk, $water, Flow::apparent($milk->suspension(), 1.0, $water), [0.0]);
        $points = [0.0];
        for ($grams = self::STEP; $grams <= EquivalentFlour::MOST + 2.0 * self::STEP; $grams += self::STEP) {
            $points[] = $scale->straightened($scale->viscosity($grams));
        }

        return new self($roux, $milk, $water, $scale->milk, $points);
    }

    private function straightened(float $pascalSeconds): float
    {
        return max(0.0, $pascalSeconds - $this->milk) ** self::STRAIGHTENS;
    }
}
