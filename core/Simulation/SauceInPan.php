<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Pot\Cooking;
use Lento\Pot\QuietSurface;
use Lento\Pot\Simmer;
use Lento\Pot\Spirit;
use Lento\Roux\HeatedPaste;
use Lento\Thickness\Flow;
use Lento\Thickness\Starch;

/**
 * A sauce in the pan, second by second: it warms, boils, steams, swells, cools.
 *
 * On a hob level heat beyond the boil goes into steam; at a simmer the cook holds its temperature and it steams as that simmer does; below
 * the boil the quiet surface steams. Thickness and rates are refreshed every few seconds, for they move slowly. Laws: Pot, Thickness.
 */
final readonly class SauceInPan
{
    /** s between refreshes of what moves slowly, or K of warming, whichever comes first. */
    private const REFRESH_SECONDS = 5;

    private const REFRESH_KELVIN = 0.25;

    public function __construct(private HeatedPan $vessel) {}

    public function after(PotState $state, Setting $setting, int $seconds): PotState
    {
        $sauce = $state->sauce;
        $starch = $sauce->starch;
        $area = $this->vessel->area();
        $heating = $setting->heating;
        $boil = $this->vessel->boilsAt->inCelsius();
        $target = $heating->simmer === null ? INF : min($boil, $heating->simmer->celsius());
        $level = $heating->simmer === null
            ? 0.0
            : ($heating->simmer->flux() * $setting->lid->share() * $area * $this->vessel->kitchen->evaporation->value) / 60.0;
        $power = $this->vessel->flux($heating) * $area;
        [$loss, $around] = $heating->flux() > 0.0 ? [PanHeat::LOSS_PER_CM2, PanHeat::AMBIENT] : $this->losses($heating);
        $fixed = $this->vessel->heatCapacity()
        + HeatCapacity::of(0.0, $sauce->fatGrams, $sauce->solidsGrams, 0.0)
        + HeatCapacity::VEGETABLES * $state->vegetables;
        $driest = min($sauce->waterGrams, Simmer::DRIEST * ($sauce->solidsGrams + $sauce->fatGrams));
        $pH = $sauce->pH();
        [$celsius, $water, $alcohol, $yolk] = [$state->celsius, $sauce->waterGrams, $sauce->alcoholGrams, $sauce->yolkSet];
        [$gelatinised, $acidLeft, $simmered, $raw] = [$starch->gelatinised, $starch->acidLeft, $starch->simmeredMinutes, $starch->rawTaste];
        [$refreshed, $slowed, $quiet, $swelling, $rest, $acid, $rawLoss] = [-INF, 1.0, 0.0, 0.0, 0.0, 1.0, 1.0];
        [$warmth, $solvent] = [1.0, 0.0];
        for ($i = 0; $i < $seconds; $i++) {
            if ($i % self::REFRESH_SECONDS === 0 || abs($celsius - $refreshed) > self::REFRESH_KELVIN) {
                // At a simmer it stands at one temperature, and only the thickness moves.
                if ($celsius !== $refreshed) {
                    $cooking = Cooking::at($celsius, $pH);
                    $rest = Starch::gelatinisedAtRest($celsius, $starch->swellingCelsius);
                    [$swelling, $acid, $rawLoss] = [
                        1.0 - exp(-$cooking->swelling / 60.0),
                        exp(-$cooking->acid / 60.0),
                        exp(-$cooking->rawTaste / 60.0),
                    ];
                    $quiet = (QuietSurface::flux($celsius, $setting->lid) * $area) / 60.0;
                    [$warmth, $solvent] = [Flow::warmth($celsius), Flow::waterViscosity($celsius)];
                }
                $slowed = 1.0
                + Simmer::THICK_SLOWS
                    * $sauce->apparentWith(
                        $water,
                        $alcohol,
                        $starch->thickeningWhen($gelatinised, $acidLeft, $simmered),
                        $yolk,
                        $warmth,
                        $solvent,
                    );
                $refreshed = $celsius;
            }
            $held = $celsius === $target ? min(self::REFRESH_SECONDS - $i % self::REFRESH_SECONDS, $seconds - $i) : 1;
            if ($held > 1 && $alcohol <= 0.0 && $water - $held * $level / $slowed > $driest && $celsius > Starch::SWELLS_ABOVE) {
                // Held at its simmer it does the same every second until it is looked at again: all of them at once.
                $water -= $held * $level / $slowed;
                $gelatinised = $rest > $gelatinised ? $rest - ($rest - $gelatinised) * (1.0 - $swelling) ** $held : $gelatinised;
                $acidLeft *= $acid ** $held;
                $simmered += $held / 60.0;
                $raw *= $rawLoss ** $held;
                $i += $held - 1;
                continue;
            }
            $capacity = $fixed + HeatCapacity::WATER * $water + HeatCapacity::ALCOHOL * $alcohol;
            if ($celsius >= $target - 1e-9 && $celsius <= $target + 0.5) {
                [$celsius, $steam] = [$target, $level / $slowed];
            } else {
                $in = $celsius > $target ? 0.0 : $power;
                $steam = $quiet / $slowed;
                $celsius += ($in - $loss * $area * ($celsius - $around) - HeatCapacity::STEAM * $steam) / $capacity;
                if ($celsius > $target && $in > 0.0) {
                    $celsius = $target;
                } elseif ($celsius > $boil) {
                    $steam += ($celsius - $boil) * $capacity / HeatCapacity::STEAM * $setting->lid->share();
                    $celsius = $boil;
                }
            }
            $water = $water - $steam < $driest ? min($water, $driest) : $water - $steam;
            if ($alcohol > 0.0 && $celsius > Spirit::LEAVES_ABOVE) {
                $alcohol *= Spirit::leftOver($simmered, 1.0 / 60.0);
            }
            if ($celsius > Starch::SWELLS_ABOVE) {
                $gelatinised += $rest > $gelatinised ? ($rest - $gelatinised) * $swelling : 0.0;
                $acidLeft *= $acid;
                $simmered += 1.0 / 60.0;
                $raw *= $rawLoss;
            }
        }
        if ($sauce->yolkGrams > 0.0) {
            $yolk = max($yolk, Cooking::yolkSetAt(max($celsius, $state->celsius)));
        }
        $after = $sauce->cooked($water, $alcohol, $yolk, $starch->cooked($gelatinised, $acidLeft, $simmered, $raw));

        return $state->sauced($after, $celsius, $state->ledger->plus(steam: $sauce->waterGrams - $water + $sauce->alcoholGrams - $alcohol));
    }

    /** @return array{float, float} W/(K cm2) and °C around */
    private function losses(Heating $heating): array
    {
        return $heating->ovenCelsius === null
            ? [$heating->off->lossPerCm2(), $heating->off->celsius()]
            : [HeatedPaste::OVEN_PER_CM2, $heating->ovenCelsius];
    }
}
