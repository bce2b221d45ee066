<?php

declare(strict_types=1);

namespace Lento\Pot;

use Closure;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Numerics\Curve;
use Lento\Numerics\Root;
use Lento\Quantity\Duration;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
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

    /** Nobody reduces longer. */
    private const LONGEST_MINUTES = 2000.0;

    /** How much a thick sauce evaporates less, per Pa s. */
    public const THICK_SLOWS = 0.10;

    /** A pot cannot be boiled drier than this share of its fat and solids. */
    public const DRIEST = 0.15;

    /**
     * @param float $evaporation this kitchen's steam against the house figure, > 0; 1 until it has been measured
     * @param Temperature|null $boilsAt where the kitchen lies high: caps the simmer's temperature, not its steam
     * @param Power|null $heat that reaches the pot: a weak hob caps the steam
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        private Pan $pan,
        private SimmerLevel $level,
        private Lid $lid = Lid::Open,
        private float $evaporation = 1.0,
        private ?Temperature $boilsAt = null,
        private ?Power $heat = null,
    ) {
        OutOfRange::refuse('evaporation', $evaporation, 0.0, 100.0, '');
    }

    /** @return float °C of the bulk */
    public function celsius(): float
    {
        return min($this->level->celsius(), $this->boilsAt?->inCelsius() ?? INF);
    }

    /** Plain numbers inside, because every answer of Lento waits for this loop. */
    public function for(Sauce $sauce, Duration $time): Sauce
    {
        $celsius = $this->celsius();
        [$warmth, $solvent] = [Flow::warmth($celsius), Flow::waterViscosity($celsius)];
        $cooking = Cooking::at($celsius, $sauce->pH());
        $starch = $sauce->starch;
        $swells = $starch->strengthGrams > 0.0;
        $rest = Starch::gelatinisedAtRest($celsius, $starch->swellingCelsius);
        $yolkSet = $sauce->yolkGrams > 0.0 ? max($sauce->yolkSet, Cooking::yolkSetAt($celsius)) : $sauce->yolkSet;
        $steam = $this->steamPerMinute();
        $most = $this->heat === null ? INF : $this->heat->watts * 60.0 / HeatCapacity::STEAM;
        $driest = min($sauce->waterGrams, self::DRIEST * ($sauce->solidsGrams + $sauce->fatGrams));
        [$water, $alcohol, $gelatinised, $acidLeft, $simmered, $set] = [
            $sauce->waterGrams,
            $sauce->alcoholGrams,
            $starch->gelatinised,
            $starch->acidLeft,
            $starch->simmeredMinutes,
            $sauce->yolkSet,
        ];
        [$cut, $swelling, $acid] = [0.0, 0.0, 1.0];
        for ($left = $time->inMinutes(); $left > 1e-9; $left -= $step) {
            $step = $left < self::STEP_MINUTES ? $left : self::STEP_MINUTES;
            $thickness = $sauce->apparentWith(
                $water,
                $alcohol,
                $starch->thickeningWhen($gelatinised, $acidLeft, $simmered),
                $set,
                $warmth,
                $solvent,
            );
            $leaves = $steam / (1.0 + self::THICK_SLOWS * $thickness);
            $water -= $step * ($leaves > $most ? $most : $leaves);
            $water = $water < $driest ? $driest : $water;
            if ($alcohol > 0.0) {
                $alcohol *= Spirit::leftOver($simmered, $step);
            }
            $set = $yolkSet;
            if ($swells) {
                if ($step !== $cut) {
                    [$cut, $swelling, $acid] = [$step, 1.0 - exp(-$cooking->swelling * $step), exp(-$cooking->acid * $step)];
                }
                $gelatinised += $rest > $gelatinised ? ($rest - $gelatinised) * $swelling : 0.0;
                $acidLeft *= $acid;
            }
            $simmered += $step;
        }
        $raw = $starch->rawTaste * exp(-$cooking->rawTaste * $time->inMinutes());

        return $sauce->cooked($water, $alcohol, $set, $starch->cooked($gelatinised, $acidLeft, $simmered, $raw));
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

    /**
     * How long until a sauce has come down to a volume.
     *
     * Steps grow with the time gone, from half a minute to five; the last is cut to length.
     *
     * @throws NotReachable if it takes longer than a day and a half, or has stopped giving off water
     */
    public function timeDownTo(Sauce $sauce, Volume $volume): Duration
    {
        return $this->downTo($sauce, $volume)[1];
    }

    /**
     * The same with the sauce that is left then.
     *
     * @return array{Sauce, Duration}
     *
     * @throws NotReachable if it takes longer than a day and a half, or has stopped giving off water
     */
    public function downTo(Sauce $sauce, Volume $volume): array
    {
        $minutes = 0.0;
        $goal = $volume->inMillilitres();
        while ($sauce->millilitres() > $goal) {
            $step = self::stride($minutes);
            $next = $this->for($sauce, Duration::ofMinutes($step));
            $gone = $sauce->millilitres() - $next->millilitres();
            if ($gone < 1e-9 || $minutes > self::LONGEST_MINUTES) {
                throw NotReachable::target('volume-at-this-simmer');
            }
            if ($next->millilitres() < $goal) {
                $last = $step * ($sauce->millilitres() - $goal) / $gone;

                return [$this->for($sauce, Duration::ofMinutes($last)), Duration::ofMinutes($minutes + $last)];
            }
            [$sauce, $minutes] = [$next, $minutes + $step];
        }

        return [$sauce, Duration::ofMinutes($minutes)];
    }

    /**
     * How long until something that grows as a sauce boils down has come up to zero: its thickness less a goal.
     *
     * @param Closure(Sauce): float $short below 0 until it is there
     *
     * @throws NotReachable if it is past it from the start, takes longer than a day and a half, or the sauce has stopped giving off water
     */
    public function timeUntil(Sauce $sauce, Closure $short, string $what): Duration
    {
        [$minutes, $was] = [0.0, $short($sauce)];
        if ($was > 0.0) {
            throw NotReachable::target($what);
        }
        while ($minutes <= self::LONGEST_MINUTES) {
            $step = self::stride($minutes);
            $next = $this->for($sauce, Duration::ofMinutes($step));
            if ($short($next) >= 0.0) {
                $within = fn(float $part): float => $short($this->for($sauce, Duration::ofMinutes($part)));

                return Duration::ofMinutes($minutes + Root::across($step)->of($within, 0.0, $step, $what));
            }
            if ($sauce->millilitres() - $next->millilitres() < 1e-9) {
                break;
            }
            [$sauce, $minutes] = [$next, $minutes + $step];
        }

        throw NotReachable::target($what);
    }

    /** @return float min: long simmers in longer strides */
    private static function stride(float $minutes): float
    {
        return Curve::clamp(0.02 * $minutes, 0.5, 5.0);
    }

    /** How much longer a sauce must simmer here until its raw taste has fallen to some level. */
    public function minutesUntilCookedOut(Sauce $sauce, float $level): Duration
    {
        return Duration::ofMinutes(
            max(0.0, log(max(1e-9, $sauce->starch->tastesRaw()) / $level)) / Cooking::at($this->celsius(), $sauce->pH())->rawTaste,
        );
    }

    /** @return float g/min that leave a thin liquid */
    private function steamPerMinute(): float
    {
        return $this->level->flux() * $this->lid->share() * $this->pan->areaSquareCentimetres() * $this->evaporation;
    }
}
