<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Pour\PouredLiquid;
use Lento\Pour\PourStair;
use Lento\Pour\RouxInPan;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * The pours of a school as a pan feels them: what flashes off the hot roux, what steams while each is whisked in, and how warm it all is
 * then. Mixing is the law of pours, standing that of the quiet surface.
 */
final readonly class PouringIn
{
    /** min to whisk in a pour, and a litre of it: estimates of the house, ±50 %. Source: docs/sauces.md, laws of scale. */
    private const A_POUR = 1.0;

    private const A_LITRE = 0.4;

    private const BOIL = 100.0;

    /** °C from which a paste swells at once, and is so thick that it steams less: by the cube of the liquid it has met. Fits the pot. */
    private const SWELLS = 80.0;

    private const THICK = 40.0;

    /** Share of the liquid that is gone at most. */
    private const MOST = 0.5;

    /** Parts into which the minutes of a pour are cut. */
    private const PARTS = 2;

    /**
     * @param float $steamGrams gone on the way
     * @param Temperature $mixed of all of it then
     *
     * @throws OutOfRange for what cannot be
     */
    private function __construct(public float $steamGrams, public Temperature $mixed, private Mass $roux, private Mass $liquid)
    {
        OutOfRange::refuse('steam', $steamGrams, 0.0, 1e9, 'g');
    }

    /** Whether it stands for other amounts too: a gram more or less may be a pour more or less. */
    public function standsFor(Mass $roux, Mass $liquid, float $within): bool
    {
        return abs($roux->kilograms - $this->roux->kilograms) <= $within * $roux->kilograms
            && abs($liquid->kilograms - $this->liquid->kilograms) <= $within * $liquid->kilograms;
    }

    /** @param float $litres of liquid that go in by so many pours */
    public static function time(int $pours, float $litres): Duration
    {
        return Duration::ofMinutes(self::A_POUR * $pours + self::A_LITRE * $litres);
    }

    /** Roux that goes into boiling liquid piece by piece is whisked in as it boils: nothing is poured. */
    public static function of(School $school, RouxInPan $from, PouredLiquid $liquid, Pan $pan): self
    {
        $roux = $from->letDownFor($school);
        $grams = $liquid->mass->inGrams();
        if ($school === School::RouxIntoBoiling || $grams <= 0.0 || $roux->roux->kilograms <= 0.0) {
            return new self(0.0, $liquid->onto($roux), $from->roux, $liquid->mass);
        }
        [$capacity, $celsius, $inPan] = [$roux->capacity(), $roux->temperature->inCelsius(), $roux->roux->inGrams()];
        [$left, $steam, $area, $cold] = [$grams, 0.0, $pan->areaSquareCentimetres(), $liquid->temperature->inCelsius()];
        while ($left > 1e-6) {
            $pour = PourStair::next($school->growth(), $roux->roux->inGrams(), $grams, $left, $inPan);
            $added = $pour * $liquid->heat;
            $celsius = ($capacity * $celsius + $added * $cold) / ($capacity + $added);
            $capacity += $added;
            $inPan += $pour;
            $left -= $pour;
            if ($celsius > self::BOIL) {
                $flash = min($pour, $capacity * ($celsius - self::BOIL) / HeatCapacity::STEAM);
                [$steam, $celsius] = [$steam + $flash, $flash < $pour ? self::BOIL : $celsius];
            }
            $slowed = $celsius > self::SWELLS ? 1.0 + self::THICK * ($roux->roux->inGrams() / ($grams - $left)) ** 3 : 1.0;
            $minutes = (self::A_POUR + self::A_LITRE * $pour / 1000.0) / self::PARTS;
            for ($i = 0; $i < self::PARTS; $i++) {
                $flux = QuietSurface::flux($celsius) * $area / $slowed;
                $watts = $area * PanHeat::LOSS_PER_CM2 * ($celsius - PanHeat::AMBIENT) + $flux / 60.0 * HeatCapacity::STEAM;
                $steam += $flux * $minutes;
                $celsius -= 60.0 * $watts * $minutes / $capacity;
            }
        }

        return new self(min($steam, self::MOST * $grams), Temperature::ofCelsius($celsius), $from->roux, $liquid->mass);
    }
}
