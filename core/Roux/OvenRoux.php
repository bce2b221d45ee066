<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Heat\Metal;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * A roux baked in the oven, mixed and warm when it goes in: slower, with no film to burn, and by the depth of the paste.
 *
 * The usual way with a brown roux of more than about 500 g. Source: docs/model.md, B and T1c; the heat transfer is an estimate.
 */
final readonly class OvenRoux
{
    public const LEAST_AIR = 80.0;

    public const MOST_AIR = 280.0;

    private const STEP_SECONDS = 1.0;

    private const LONGEST_MINUTES = 480;

    /** °C of the mixed paste as it goes in. */
    public const MIXED = 60.0;

    /** s between two looks at what it would still brown if it came out now, once it has this share of its colour. */
    private const LOOK_SECONDS = 15;

    private const LOOK_FROM = 0.3;

    private function __construct(
        private Roux $roux,
        private HeatedPaste $paste,
        private float $air,
        private float $browning,
        private RouxCooling $cooling,
    ) {}

    /**
     * @param float $browning this kitchen's browning speed against the house figure, > 0
     *
     * @throws OutOfRange if the oven's air is not between 80 and 280 °C
     */
    public static function inPan(
        Roux $roux,
        Length $diameter,
        Mass $pan,
        Temperature $air,
        Metal $metal = Metal::Iron,
        float $browning = 1.0,
    ): self {
        $celsius = $air->inCelsius();
        if ($celsius < self::LEAST_AIR - 1e-9 || $celsius > self::MOST_AIR + 1e-9) {
            throw OutOfRange::between('oven', $celsius, self::LEAST_AIR, self::MOST_AIR, '°C');
        }

        $panHeat = $pan->inGrams() * $metal->capacity();

        return new self(
            $roux,
            $roux->inPan($diameter->inCentimetres(), $panHeat),
            $celsius,
            $browning,
            RouxCooling::inPan($roux->mass(), $panHeat, $diameter->inCentimetres()),
        );
    }

    /** @throws NotReachable after more than eight hours */
    public function after(Duration $time): RouxState
    {
        return $this->baked((int) round($time->seconds / self::STEP_SECONDS), INF)
            ?? throw NotReachable::target('roux-after-minutes', (string) round($time->inMinutes()));
    }

    /** @throws NotReachable if this oven does not brown it so far within eight hours */
    public function until(Shade $shade): RouxState
    {
        return $this->baked(PHP_INT_MAX, $shade->dose()) ?? throw NotReachable::target('colour-in-the-oven');
    }

    /**
     * The roux when to take it out, so that it ends at a shade when its pan has cooled to where the liquid meets it.
     *
     * @param Temperature $meets what the roux is let down to out of the oven
     *
     * @throws NotReachable if this oven does not brown it so far within eight hours
     */
    public function takeOutFor(Shade $shade, Temperature $meets): RouxState
    {
        return $this->baked(PHP_INT_MAX, $shade->dose(), $meets->inCelsius()) ?? throw NotReachable::target('colour-in-the-oven');
    }

    /** @param float|null $meets °C to which its pan goes on browning it; null where that does not count */
    private function baked(int $steps, float $enough, ?float $meets = null): ?RouxState
    {
        [$celsius, $fatWater, $flourWater] = [self::MIXED, $this->roux->fatWaterGrams(), $this->roux->flourWaterGrams()];
        [$dose, $decay, $minutes] = [0.0, 0.0, self::STEP_SECONDS / 60.0];
        for ($i = 0, $most = self::LONGEST_MINUTES * 60; $i <= $most; $i++) {
            $looks = $i % self::LOOK_SECONDS === 0 && $dose >= self::LOOK_FROM * $enough;
            $gains = $meets !== null && $looks ? $this->browning * $this->cooling->doseGained($celsius, $meets) : 0.0;
            if ($i >= $steps || $dose + $gains >= $enough) {
                return RouxState::of(0.0, $i * self::STEP_SECONDS, $celsius, $dose, $decay, $fatWater + $flourWater);
            }
            [$celsius, $fatWater, $flourWater] = $this->paste->inOven($celsius, $fatWater, $flourWater, $this->air, self::STEP_SECONDS);
            $dose += $minutes * $this->browning * Browning::perMinute($celsius);
            $decay += $minutes * Browning::rawTasteLoss($celsius);
        }

        return null;
    }
}
