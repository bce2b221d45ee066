<?php

declare(strict_types=1);

/*
 * How well a sheet foretells its own pot: every base, by five ways and schools at five sizes, cooked second by second.
 * php bin/execution.php [show]
 */

use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Larder\Larder;
use Lento\Pour\School;
use Lento\Quantity\Volume;
use Lento\Simulation\Rehearsal;
use Lento\Thickness\EquivalentFlour;

require __DIR__ . '/../vendor/autoload.php';

/** @param list<float> $off */
function tellOff(string $what, array $off): void
{
    sort($off);
    $apart = array_map(static fn(float $one): float => abs($one), $off);
    sort($apart);
    $count = count($off);
    printf(
        "| %s | %d | %+.2f %% | %.2f %% | %.0f %% |\n",
        $what,
        $count,
        $off[intdiv($count, 2)],
        $apart[(int) floor(0.9 * $count)],
        100.0 * count(array_filter($apart, static fn(float $one): bool => $one <= 1.5)) / $count,
    );
}

$methods = [
    'as the house' => Method::of(),
    'infused, blended' => Method::of(AromaticsWay::Infused, StrainWay::Blended, MilkWay::Cold),
    'sachet, left in, bound' => Method::of(AromaticsWay::Sachet, StrainWay::LeftIn, FinishWay::Liaison, MilkWay::Warmed),
    'sweated, mounted' => Method::of(AromaticsWay::Sweated, StrainWay::Strained, FinishWay::Butter, SaltTime::InTheMiddle),
    'apart, oven, creamed' => Method::of(AromaticsWay::Apart, RouxPlace::Oven, FinishWay::Cream, ButterWay::Browned),
];
$ways = [
    [School::ColdOnHot, 0.3],
    [School::HotOnHot, 2.0],
    [School::RouxIntoBoiling, 2.0],
    [School::HotOnCold, 10.0],
    [School::ColdOnHot, 40.0],
];
[$yields, $thickness] = [[], []];
foreach ($methods as $name => $method) {
    foreach (Base::cases() as $base) {
        foreach ($ways as [$school, $litres]) {
            try {
                $sheet = (new Composer())->answer(
                    Question::of($base, Volume::ofLitres($litres), how: new How(school: $school, method: $method)),
                );
            } catch (LentoException) {
                continue;
            }
            $end = Rehearsal::of($sheet->plan(), Larder::house())?->end->sauce;
            if ($end === null) {
                continue;
            }
            $yield = 100.0 * ($end->millilitres() / $sheet->served->millilitres() - 1.0);
            $thick = 100.0 * (EquivalentFlour::of($end)->gramsPerLitre / EquivalentFlour::of($sheet->served)->gramsPerLitre - 1.0);
            [$yields[], $thickness[]] = [$yield, $thick];
            if (($argv[1] ?? '') === 'show') {
                printf("%-24s %-14s %-18s %5.1f l  ", $name, $base->value, $school->value, $litres);
                printf("yield %+.2f %%  thickness %+.2f %%\n", $yield, $thick);
            }
        }
    }
}
echo "| executed against foretold | pots | median | nine in ten within | within 1.5 % |\n|---|---|---|---|---|\n";
tellOff('yield', $yields);
tellOff('thickness', $thickness);
