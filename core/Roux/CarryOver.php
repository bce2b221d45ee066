<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\NotReachable;
use Lento\Heat\Metal;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;

/**
 * What a roux still does after it has left the heat: a heavy pan goes on browning it, a water bath stops it.
 *
 * The same lump as on the hob, with the flame out. Source: docs/model.md, B; the water bath is an estimate.
 */
final readonly class CarryOver
{
    private const STEP_SECONDS = 1.0;

    /** °C below which a roux browns by nothing that an eye could see. */
    private const STILL = 110.0;

    private const LONGEST_SECONDS = 7200;

    private function __construct(private Roux $roux, private HeatedPaste $paste, private OffHeat $where) {}

    public static function inPan(
        Roux $roux,
        Length $diameter,
        Mass $pan,
        OffHeat $where = OffHeat::Bench,
        Metal $metal = Metal::Steel,
    ): self {
        return new self($roux, $roux->inPan($diameter->inCentimetres(), $pan->inGrams() * $metal->capacity()), $where);
    }

    /** The roux so long after it was lifted, or as soon as it browns no further. */
    public function after(RouxState $lifted, Duration $time): RouxState
    {
        $all = $this->roux->fatWaterGrams() + $this->roux->flourWaterGrams();
        $share = $all > 0.0 ? $lifted->water->inGrams() / $all : 0.0;
        [$celsius, $fatWater, $flourWater] = [
            $lifted->temperature->inCelsius(),
            $share * $this->roux->fatWaterGrams(),
            $share * $this->roux->flourWaterGrams(),
        ];
        [$dose, $decay, $minutes, $seconds] = [$lifted->dose, $lifted->decay(), self::STEP_SECONDS / 60.0, 0.0];
        while ($seconds < $time->seconds) {
            [$celsius, $fatWater, $flourWater] = $this->paste->offHeat($celsius, $fatWater, $flourWater, $this->where, self::STEP_SECONDS);
            $dose += $minutes * Browning::perMinute($celsius);
            $decay += $minutes * Browning::rawTasteLoss($celsius);
            $seconds += self::STEP_SECONDS;
        }

        return RouxState::of(
            $lifted->melting->seconds,
            $lifted->time->seconds + $seconds,
            $celsius,
            $dose,
            $decay,
            $fatWater + $flourWater,
        );
    }

    /** The roux when it browns no further. */
    public function settled(RouxState $lifted): RouxState
    {
        return $this->after($lifted, $this->timeTo(self::STILL, $lifted));
    }

    /**
     * When to lift a roux that shall end at a shade: earlier by what the pan still does to it.
     *
     * @throws NotReachable if the heat does not brown it so far
     */
    public function liftFor(Shade $shade, HobRoux $hob): RouxState
    {
        $late = $hob->until($shade);
        $gained = $this->settled($late)->dose - $late->dose;

        return $hob->until(Shade::afterDose(max(0.0, $late->dose - $gained)));
    }

    private function timeTo(float $celsius, RouxState $from): Duration
    {
        $now = $from->temperature->inCelsius();
        [$fatWater, $flourWater, $seconds] = [0.0, 0.0, 0];
        while ($now > $celsius && $seconds < self::LONGEST_SECONDS) {
            [$now, $fatWater, $flourWater] = $this->paste->offHeat($now, $fatWater, $flourWater, $this->where, self::STEP_SECONDS);
            $seconds++;
        }

        return Duration::ofSeconds((float) $seconds);
    }
}
