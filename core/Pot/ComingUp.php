<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Heat\HobHeat;
use Lento\Heat\PanHeat;
use Lento\Numerics\Curve;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;

/**
 * From the last pour to the boil: starch swells, raw taste goes, the quiet surface steams. Sheet, Assay and the pot at the stove begin
 * their simmer from here, so that a short one has the same starch in it everywhere.
 *
 * One heated lump as in TimeToBoil, in slices of temperature. Source: docs/model.md, E.
 */
final readonly class ComingUp
{
    /** Of whole milk's solids: from where a sauce is brought up more gently, and where as gently as milk. */
    private const MILKY_FROM = 0.4;

    private const MILKY = 0.6;

    /**
     * Slices of temperature from the mixture to where starch swells, from there to where spirit leaves, and from there to the boil: what
     * begins at a temperature begins at the edge of a slice, so that no kelvin more or less of the mixture leaps. Against thousands of
     * slices, from 0.2 to 40 l: water within 0.04 %, raw taste within 0.002, its minutes within 0.3.
     */
    private const SLICES = [1, 2, 5];

    /** K under the boil at which thick bubbles break. */
    private const LAST = 1.5;

    private float $boils;

    /**
     * @param float $evaporation this kitchen's steam against the house figure, > 0
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(private Pan $pan, ?Temperature $boilsAt = null, private float $evaporation = 1.0)
    {
        OutOfRange::refuse('evaporation', $evaporation, 0.0, 100.0, '');
        $this->boils = ($boilsAt?->inCelsius() ?? 100.0) - self::LAST;
    }

    /**
     * Milk comes to the boil on a gentler flame, or it catches; what is half milk on one between, so that no gram more or less of it leaps.
     *
     * @return float W/cm2 into the pan
     */
    public static function flux(Sauce $sauce): float
    {
        $milky = Curve::clamp(($sauce->dairy() - self::MILKY_FROM) / (self::MILKY - self::MILKY_FROM), 0.0, 1.0);

        return HobHeat::MediumHigh->flux() + $milky * (HobHeat::Medium->flux() - HobHeat::MediumHigh->flux());
    }

    /** @return list<array{float, float}> the middle of each slice and its width, both in K */
    private function slices(float $celsius): array
    {
        $slices = [];
        foreach ([Starch::SWELLS_ABOVE, Spirit::LEAVES_ABOVE, $this->boils] as $i => $to) {
            $width = (min($to, $this->boils) - $celsius) / self::SLICES[$i];
            for ($k = 0; $k < self::SLICES[$i] && $width > 0.0; $k++) {
                $slices[] = [$celsius + ($k + 0.5) * $width, $width];
            }
            $celsius = max($celsius, $to);
        }

        return $slices;
    }

    /** The sauce as it begins to simmer; a pot that has boiled is as it was. */
    public function to(Sauce $mixed, Temperature $from): Sauce
    {
        [$celsius, $starch, $pH] = [$from->inCelsius(), $mixed->starch, $mixed->pH()];
        $area = $this->pan->areaSquareCentimetres();
        $capacity = $mixed->heatCapacity() + $this->pan->mass()->inGrams() * PanHeat::METAL_CAPACITY;
        $flux = self::flux($mixed);
        [$water, $spirit, $gelatinised, $acidLeft, $cooked, $raw] = [
            $mixed->waterGrams,
            $mixed->alcoholGrams,
            $starch->gelatinised,
            $starch->acidLeft,
            $starch->simmeredMinutes,
            $starch->rawTaste,
        ];
        foreach ($this->slices($celsius) as [$at, $slice]) {
            $steam = QuietSurface::flux($at) * $area * $this->evaporation;
            $watts = $area * ($flux - PanHeat::LOSS_PER_CM2 * ($at - PanHeat::AMBIENT)) - $steam / 60.0 * HeatCapacity::STEAM;
            // Even the weakest flame under the widest pan is turned up until it boils.
            $minutes = $capacity * $slice / max(0.1 * $flux * $area, $watts) / 60.0;
            $water -= $steam * $minutes;
            $spirit *= $spirit > 0.0 && $at > Spirit::LEAVES_ABOVE ? Spirit::leftOver($cooked, $minutes) : 1.0;
            if ($at > Starch::SWELLS_ABOVE) {
                $cooking = Cooking::at($at, $pH);
                $rest = Starch::gelatinisedAtRest($at, $starch->swellingCelsius);
                $gelatinised += max(0.0, $rest - $gelatinised) * (1.0 - exp(-$cooking->swelling * $minutes));
                $acidLeft *= exp(-$cooking->acid * $minutes);
                $raw *= exp(-$cooking->rawTaste * $minutes);
                $cooked += $minutes;
            }
        }
        // The boil itself: whatever can swell there has swollen when the whole pot bubbles.
        $gelatinised = max($gelatinised, Starch::gelatinisedAtRest($this->boils, $starch->swellingCelsius));
        $least = min($mixed->waterGrams, Simmer::DRIEST * ($mixed->solidsGrams + $mixed->fatGrams));

        return $mixed->cooked(
            max($least, $water),
            $spirit,
            $mixed->yolkSet,
            $starch->grams > 0.0
                ? $starch->cooked($gelatinised, $acidLeft, $cooked, $raw)
                : $starch->cooked($starch->gelatinised, $starch->acidLeft, $cooked, $starch->rawTaste),
        );
    }
}
