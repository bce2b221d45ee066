<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Numerics\Curve;
use Lento\Quantity\Duration;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;

/**
 * Time on the heat: water leaves, starch swells, raw taste goes, acid wears the starch down.
 *
 * Evaporation is by surface and level, less where the sauce is thick; half-minute steps. Source: docs/model.md, D and E.
 */
final readonly class Simmer
{
    private const STEP_MINUTES = 0.5;

    /** How much a thick sauce evaporates less, per Pa s. */
    private const THICK_SLOWS = 0.10;

    /** A pot cannot be boiled drier than this share of its fat and solids. */
    private const DRIEST = 0.15;

    /** 1/min, open pan. */
    private const ALCOHOL_LOSS = 0.045;

    /** 1/min at 95 °C and J/mol: swelling of starch; raw taste in the wet sauce, above 60 °C only. */
    private const SWELLING_RATE = 1.2;

    private const RAW_RATE = 0.07;

    private const COOKING_ENERGY = 80e3;

    private const COOKING_REFERENCE = 95.0;

    /** 1/min at 95 °C and pH 4, and J/mol: what acid takes of the thickening. */
    private const ACID_RATE = 0.03 / 60.0;

    private const ACID_ENERGY = 110e3;

    public function __construct(private Pan $pan, private SimmerLevel $level, private Lid $lid = Lid::Open) {}

    public function for(Sauce $sauce, Duration $time): Sauce
    {
        $left = $time->inMinutes();
        while ($left > 1e-9) {
            $step = min(self::STEP_MINUTES, $left);
            $sauce = $this->step($sauce, $step);
            $left -= $step;
        }

        return $sauce;
    }

    /**
     * The sauce after every so many minutes, the start included.
     *
     * @param int<1, max> $points
     *
     * @return non-empty-list<Sauce>
     */
    public function course(Sauce $sauce, Duration $time, int $points): array
    {
        $course = [$sauce];
        $part = Duration::ofSeconds($time->seconds / $points);
        for ($i = 0; $i < $points; $i++) {
            $course[] = $sauce = $this->for($sauce, $part);
        }

        return $course;
    }

    /** How much longer a sauce must simmer here until its raw taste has fallen to some level. */
    public function minutesUntilCookedOut(Sauce $sauce, float $level): Duration
    {
        return Duration::ofMinutes(max(0.0, log($sauce->starch->rawTaste / $level)) / self::rawTasteLoss($this->level->celsius()));
    }

    /** @return float 1/min */
    private static function rawTasteLoss(float $celsius): float
    {
        return $celsius > 60.0 ? self::RAW_RATE * Curve::arrhenius(self::COOKING_ENERGY, $celsius, self::COOKING_REFERENCE) : 0.0;
    }

    private function step(Sauce $sauce, float $minutes): Sauce
    {
        $celsius = $this->level->celsius();
        $thickness = Flow::at($sauce, $celsius)->pascalSeconds(EquivalentFlour::SHEAR);
        $steam = $this->level->flux() * $this->lid->share() / (1.0 + self::THICK_SLOWS * $thickness) * $this->pan->areaSquareCentimetres() * $minutes;
        $driest = self::DRIEST * ($sauce->solidsGrams + $sauce->fatGrams);

        return $sauce->cooked(
            max(min($sauce->waterGrams, $driest), $sauce->waterGrams - $steam),
            $sauce->alcoholGrams * exp(-$minutes * self::ALCOHOL_LOSS),
            $sauce->yolkGrams > 0.0 ? max($sauce->yolkSet, Curve::sigmoid(($celsius - 74.0) / 3.0)) : $sauce->yolkSet,
            $this->cookedStarch($sauce, $celsius, $minutes),
        );
    }

    private function cookedStarch(Sauce $sauce, float $celsius, float $minutes): Starch
    {
        $starch = $sauce->starch;
        $raw = $starch->rawTaste * exp(-$minutes * self::rawTasteLoss($celsius));
        if ($starch->strengthGrams <= 0.0) {
            return $starch->cooked($starch->gelatinised, $starch->acidLeft, $starch->simmeredMinutes, $raw);
        }
        $swelling = self::SWELLING_RATE * Curve::arrhenius(self::COOKING_ENERGY, $celsius, self::COOKING_REFERENCE);
        $rest = Starch::gelatinisedAtRest($celsius, $starch->swellingCelsius);
        $acid = self::ACID_RATE * 10.0 ** Curve::clamp(4.0 - $sauce->pH(), -4.0, 1.5) * Curve::arrhenius(self::ACID_ENERGY, $celsius, self::COOKING_REFERENCE);

        return $starch->cooked(
            $starch->gelatinised + max(0.0, $rest - $starch->gelatinised) * (1.0 - exp(-$swelling * $minutes)),
            $starch->acidLeft * exp(-$acid * $minutes),
            $starch->simmeredMinutes + $minutes,
            $raw,
        );
    }
}
