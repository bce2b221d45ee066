<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
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

    /** Of a shade held against the strip; and by how many per cent the dose moves with a per cent of shade, one over Shade's exponent. */
    private const SHADE_ERROR = 0.15;

    private const DOSE_PER_SHADE = 3.0;

    /** Error of a ratio from which two levels tell nothing of the steam between them. */
    private const BLURRED = 3.0;

    /** Observed over foreseen beyond which a reading counts no further. */
    private const SANE = 15.0;

    private function __construct(public Factor $evaporation, public Factor $browning, public Factor $flourStrength) {}

    /** A kitchen Lento knows nothing of. */
    public static function house(): self
    {
        return new self(
            Factor::unknown(self::EVAPORATION_PRIOR),
            Factor::unknown(self::BROWNING_PRIOR),
            Factor::unknown(self::FLOUR_PRIOR),
        );
    }

    public static function of(Factor $evaporation, Factor $browning, Factor $flourStrength): self
    {
        return new self($evaporation, $browning, $flourStrength);
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
        return new self(
            $this->evaporation->after(self::ratio($lost->kilograms, $foreseen->kilograms), self::EVAPORATION_ERROR),
            $this->browning,
            $this->flourStrength,
        );
    }

    /**
     * A level read off a pot twice, while it boils down.
     *
     * @param Mass $lost between the two readings; a reading that went up counts as next to nothing lost
     * @param Mass $foreseen lost by the house figure
     * @param Mass $error of one of the two readings
     */
    public function afterLevels(Mass $lost, Mass $foreseen, Mass $error): self
    {
        $blurred = $foreseen->kilograms <= 0.0 || sqrt(2.0) * $error->kilograms > self::BLURRED * $foreseen->kilograms;
        if ($blurred) {
            return $this;
        }
        $blur = sqrt(2.0) * $error->kilograms / $foreseen->kilograms;

        return new self(
            $this->evaporation->afterRatio(min(self::SANE, $lost->kilograms / $foreseen->kilograms), $blur, self::EVAPORATION_ERROR),
            $this->browning,
            $this->flourStrength,
        );
    }

    /**
     * A colour set against the strip: how much it has browned over how much it should have.
     *
     * @param Shade $foreseen by the house figure, after the same time on the same heat
     * @param float|null $eye error of the eye that saw it, in shades; the house's if null
     */
    public function afterColour(Shade $seen, Shade $foreseen, ?float $eye = null): self
    {
        if ($foreseen->value <= 0.0 || $seen->value <= 0.0) {
            return $this;
        }
        // By the shade that was foreseen: by the one seen, what was read too dark would count for surer than what was read too pale.
        $error = hypot(self::BROWNING_ERROR, ($eye ?? self::SHADE_ERROR) / $foreseen->value * self::DOSE_PER_SHADE);

        return new self(
            $this->evaporation,
            $this->browning->after(self::sane($seen->dose() / $foreseen->dose()), $error),
            $this->flourStrength,
        );
    }

    /**
     * A roux timed to its colour: half the minutes is twice the speed.
     *
     * @throws OutOfRange if the two are more than twentyfold apart
     */
    public function afterRoux(Duration $took, Duration $foreseen): self
    {
        return new self(
            $this->evaporation,
            $this->browning->after(self::ratio($foreseen->seconds, $took->seconds), self::BROWNING_ERROR),
            $this->flourStrength,
        );
    }

    /**
     * A thickness tested at the stove.
     *
     * @throws OutOfRange if the two are more than twentyfold apart
     */
    public function afterTest(EquivalentFlour $measured, EquivalentFlour $foreseen): self
    {
        return new self(
            $this->evaporation,
            $this->browning,
            $this->flourStrength->after(self::ratio($measured->gramsPerLitre, $foreseen->gramsPerLitre), self::FLOUR_ERROR),
        );
    }

    private static function sane(float $ratio): float
    {
        return min(self::SANE, max(1.0 / self::SANE, $ratio));
    }

    private static function ratio(float $observed, float $foreseen): float
    {
        return $foreseen > 0.0 ? $observed / $foreseen : INF;
    }
}
