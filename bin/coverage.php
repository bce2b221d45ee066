<?php

declare(strict_types=1);

/*
 * How well the sheets foretell hidden kitchens: how many of eight-in-ten bands hold what comes of them.
 * php bin/coverage.php [KITCHENS] [SEED]
 *
 * A hidden kitchen steams, browns and thickens by factors of its own, drawn as the model states them (docs/model.md); its rings give ±20 %,
 * its cook reads a shade to ±0.15 and holds the roux within ±7 K. The sheet knows none of it.
 */

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Exception\LentoException;
use Lento\Heat\HobHeat;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Roux\Browning;
use Lento\Roux\Colour;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Learning\HiddenKitchens;

require __DIR__ . '/../vendor/autoload.php';

const HELD_WITHIN = 7.0;
const RING_POWER = 0.20;
const SHADE_READ = 0.15;
const FIT = 0.04;
const DAIRY = 0.04;
const GELATIN = 0.08 / 3.4;

$kitchens = (int) ($argv[1] ?? 2000);
mt_srand((int) ($argv[2] ?? 1));
$normal = HiddenKitchens::normal();

/**
 * What a hidden kitchen makes of a sheet.
 *
 * @param Closure(): float $normal
 */
function cookedThere(Sheet $sheet, Closure $normal): float
{
    $question = $sheet->question;
    $simmer = new Simmer($question->pan, $question->simmerLevel, $question->lid, exp(0.30 * $normal()));
    $suspension = $sheet->end->suspension();
    $off = $sheet->shade->strengthLoss() * SHADE_READ * $normal()
        + FIT * $sheet->shade->value * $normal() + DAIRY * $suspension->dairy * $normal() + GELATIN * $suspension->gelatin * $normal()
        + 0.08 * $normal();
    $end = $simmer->for($sheet->start->strengthened(exp($off)), $question->simmerTime);

    return EquivalentFlour::of($end)->gramsPerLitre / EquivalentFlour::of($sheet->end)->gramsPerLitre;
}

$bins = [];
$count = static function (string $bin, bool $held) use (&$bins): void {
    $bins[$bin] ??= [0, 0];
    $bins[$bin][0] += $held ? 1 : 0;
    $bins[$bin][1]++;
};
$bases = [Base::Bechamel, Base::Veloute, Base::Tomato, Base::PanGravy, Base::DemiGlace];
for ($i = 0; $i < $kitchens; $i++) {
    $base = $bases[mt_rand(0, 4)];
    $litres = exp(log(0.5) + mt_rand() / mt_getrandmax() * log(40.0));
    $minutes = exp(log(5.0) + mt_rand() / mt_getrandmax() * log($base === Base::DemiGlace ? 24.0 : 30.0));
    $level = [SimmerLevel::Bare, SimmerLevel::Simmer, SimmerLevel::Brisk][mt_rand(0, 2)];
    $heat = HobHeat::cases()[mt_rand(0, 4)];
    $colour = [Colour::Blond, Colour::Brown, Colour::Dark][mt_rand(0, 2)];
    try {
        $sheet = (new Composer())->answer(Question::of($base, Volume::ofLitres($litres), how: new How(
            new RouxWish($colour, 'clarified-butter', heat: $heat),
            new SimmerWish(Duration::ofMinutes($minutes), $level),
        )));
    } catch (LentoException) {
        continue;
    }
    $boiled = $sheet->evaporated->inMillilitres() / $sheet->end->millilitres();
    $band = $sheet->outlook->thickness->band;
    $got = $band->likely * cookedThere($sheet, $normal);
    $bin = match (true) {
        $base === Base::DemiGlace => 'thickness, demi-glace by the clock',
        $boiled < 0.05 => 'thickness, under a twentieth boils off',
        $boiled < 0.15 => 'thickness, a twentieth to a seventh',
        $boiled < 0.4 => 'thickness, a seventh to two fifths',
        default => 'thickness, more',
    };
    $count($bin, $got >= $band->low && $got <= $band->high);
    $count('thickness, all', $got >= $band->low && $got <= $band->high);
    $roux = $sheet->outlook->rouxMinutes;
    if ($roux !== null && $sheet->rouxForecast !== null) {
        // A degree more or less where it is held, as the law of browning has it.
        $kelvin = min($sheet->rouxForecast->temperature->kelvin, 273.15 + $heat->heldCelsius());
        $browning = exp(0.28 * $normal() + Browning::ENERGY / $kelvin ** 2 * HELD_WITHIN * $normal());
        // A ring that gives more or less, as a wider or narrower floor on the same one.
        $pan = $sheet->question->pan;
        $floor = new PanBottom(Length::ofMetres($pan->diameter->metres * exp(0.5 * RING_POWER * $normal())), $pan->mass());
        try {
            $took = HobRoux::inPan($sheet->roux, $floor, $heat, $browning)->until($sheet->rouxForecast->shade)->time->inMinutes();
        } catch (LentoException) {
            $took = INF;
        }
        $count('minutes to the shade, ' . $heat->value, $took >= $roux->low && $took <= $roux->high);
        $count('minutes to the shade, all', $took >= $roux->low && $took <= $roux->high);
    }
}
ksort($bins);
echo "| what | in its band | of |\n|---|---|---|\n";
foreach ($bins as $bin => [$held, $all]) {
    printf("| %s | %.0f %% | %d |\n", $bin, 100.0 * $held / $all, $all);
}
