<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Thickness\EquivalentFlour;

/**
 * What one kitchen does differently: how fast its pots steam, how fast its roux browns, how strongly its flour thickens.
 *
 * Source of the priors: docs/model.md, T13. Errors of one observation are estimates: a scale before and after a simmer, a clock and
 * an eye at the roux, a line-spread or spoon test.
 */
final readonly class KitchenFactors
{
    private const EVAPORATION_PRIOR = 0.30;

    private const BROWNING_PRIOR = 0.28;

    private const FLOUR_PRIOR = 0.08;

    private const EVAPORATION_ERROR = 0.10;

    private const BROWNING_ERROR = 0.20;

    private const FLOUR_ERROR = 0.06;

    private function __construct(public Factor $evaporation, public Factor $browning, public Factor $flourStrength) {}

    /** A kitchen Lento knows nothing of. */
    public static function house(): self
    {
        return new self(Factor::unknown(self::EVAPORATION_PRIOR), Factor::unknown(self::BROWNING_PRIOR), Factor::unknown(self::FLOUR_PRIOR));
    }

    /**
     * A pot weighed before and after a simmer.
     *
     * @param Mass $foreseen lost by the house figure
     *
     * @throws OutOfRange if the two are more than twentyfold apart
     */
    public function afterSimmer(Mass $lost, Mass $foreseen): self
    {
        return new self($this->evaporation->after(self::ratio($lost->kilograms, $foreseen->kilograms), self::EVAPORATION_ERROR), $this->browning, $this->flourStrength);
    }

    /**
     * A roux timed to its colour: half the minutes is twice the speed.
     *
     * @throws OutOfRange if the two are more than twentyfold apart
     */
    public function afterRoux(Duration $took, Duration $foreseen): self
    {
        return new self($this->evaporation, $this->browning->after(self::ratio($foreseen->seconds, $took->seconds), self::BROWNING_ERROR), $this->flourStrength);
    }

    /**
     * A thickness tested at the stove.
     *
     * @throws OutOfRange if the two are more than twentyfold apart
     */
    public function afterTest(EquivalentFlour $measured, EquivalentFlour $foreseen): self
    {
        return new self($this->evaporation, $this->browning, $this->flourStrength->after(self::ratio($measured->gramsPerLitre, $foreseen->gramsPerLitre), self::FLOUR_ERROR));
    }

    private static function ratio(float $observed, float $foreseen): float
    {
        return $foreseen > 0.0 ? $observed / $foreseen : INF;
    }
}
