<?php

declare(strict_types=1);

namespace Tests\Core\Golden;

use BackedEnum;
use Lento\Compose\Sheet;
use Lento\Compose\Warning;
use Lento\Finish\Finishing;
use Lento\Plan\Amount;
use Lento\Plan\Step;
use Lento\Plan\Tending;
use Lento\Pour\Pour;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Roux\BaseFilm;
use Lento\Roux\BrownedButter;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;
use Lento\Roux\Swatch;
use Lento\Simulation\Happening;
use Lento\Simulation\Trace;
use Lento\Simulation\TracePoint;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use LogicException;

/** What a caller of the core gets, by what it means and in the cook's units: how it is held inside may change. */
final readonly class Results
{
    private function __construct() {}

    /** Any of the values below, by its class; lists of them one by one. */
    public static function of(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::of(...), $value),
            $value instanceof Sheet => self::sheet($value),
            $value instanceof Trace => self::trace($value),
            $value instanceof RouxState => [
                $value->melting->seconds,
                $value->time->seconds,
                $value->temperature->inCelsius(),
                $value->dose,
                $value->shade->value,
                $value->rawTaste,
                $value->water->inGrams(),
            ],
            $value instanceof BrownedButter => [
                $value->time->seconds,
                $value->temperature->inCelsius(),
                $value->left->inGrams(),
                $value->steam->inGrams(),
                $value->fat->id,
            ],
            $value instanceof BaseFilm => [$value->temperature->inCelsius(), $value->speckRisk],
            $value instanceof Roux => [$value->flourKind->id, $value->flour->inGrams(), $value->fatKind->id, $value->fat->inGrams()],
            $value instanceof Duration => $value->seconds,
            $value instanceof Mass => $value->inGrams(),
            $value instanceof Shade => $value->value,
            $value instanceof Swatch => $value->hex(),
            $value instanceof BackedEnum => $value->value,
            is_object($value) => throw new LogicException('no result is told of ' . $value::class),
            default => $value,
        };
    }

    /** @return list<mixed> all the numbers and texts a drawing tells, whatever it calls them */
    public static function drawn(object $drawing): array
    {
        [$told, $all] = [[], array_filter(get_object_vars($drawing), static fn(mixed $part): bool => !is_object($part))];
        array_walk_recursive($all, static function (mixed $one) use (&$told): void {
            $told[] = $one;
        });

        return $told;
    }

    /** @return array<string, mixed> */
    public static function sheet(Sheet $sheet): array
    {
        return [
            'litres' => $sheet->question->yield->inLitres(),
            'flour g' => $sheet->roux->flour->inGrams(),
            'fat g' => $sheet->roux->fat->inGrams(),
            'cooked roux g' => $sheet->cookedRoux->inGrams(),
            'shade' => $sheet->shade->value,
            'lifted after s, at °C'
                => $sheet->rouxForecast === null
                    ? null
                    : [$sheet->rouxForecast->time->seconds, $sheet->rouxForecast->temperature->inCelsius()],
            'liquid ml, g' => [$sheet->liquid->inMillilitres(), $sheet->liquidMass->inGrams()],
            'evaporated ml' => $sheet->evaporated->inMillilitres(),
            'start' => self::sauce($sheet->start),
            'end' => self::sauce($sheet->end),
            'served' => self::sauce($sheet->served),
            'finishes' => array_map(
                static fn(Finishing $one): array => [
                    $one->what->id,
                    $one->atLeast?->inCelsius(),
                    $one->atMost?->inCelsius(),
                    $one->after->gramsPerLitre,
                    $one->curdlingRank,
                    $one->floats->inGrams(),
                ],
                $sheet->finishes,
            ),
            'strained g' => $sheet->strained->inGrams(),
            'pieces ml' => $sheet->pieces->inMillilitres(),
            'thickness' => [$sheet->thickness->gramsPerLitre, $sheet->thickness->thicknessClass()->value],
            'spoon' => [$sheet->spoon->word()->value, $sheet->spoon->film->inMillimetres(), $sheet->spoon->lineHolds],
            'flow' => [$sheet->flow->yield, $sheet->flow->viscosity(10.0)->pascalSeconds],
            'met at °C' => [$sheet->stair->roux->inCelsius(), $sheet->stair->liquid->inCelsius()],
            'pours' => array_map(
                static fn(Pour $pour): array => [$pour->mass->inGrams(), $pour->mixed->inCelsius(), $pour->slack, $pour->lumpRank],
                $sheet->stair->pours,
            ),
            'thickness band' => [$sheet->outlook->thickness->band->low, $sheet->outlook->thickness->band->high],
            'roux band'
                => $sheet->outlook->rouxMinutes === null ? null : [$sheet->outlook->rouxMinutes->low, $sheet->outlook->rouxMinutes->high],
            'evaporated band' => [$sheet->outlook->evaporated->low, $sheet->outlook->evaporated->high],
            'risks' => [$sheet->outlook->lumps->value, $sheet->outlook->specks->value, $sheet->outlook->scorching->value],
            'amounts' => array_map(
                static fn(Amount $amount): array => [
                    $amount->ingredient,
                    $amount->mass->inGrams(),
                    $amount->volume?->inMillilitres(),
                    $amount->when->value,
                    $amount->pieces,
                ],
                $sheet->amounts(),
            ),
            'steps' => array_map(
                static fn(Step $step): array => [
                    $step->kind->value,
                    $step->pace->time->seconds,
                    $step->pace->handsOn,
                    $step->pace->timed,
                    array_map(static fn(Tending $one): array => [$one->kind->value, $one->every->seconds], $step->pace->tendings),
                ],
                $sheet->steps(),
            ),
            'warnings' => array_map(
                static fn(Warning $warning): array => [$warning->code->value, $warning->numbers, $warning->words],
                $sheet->warnings,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function trace(Trace $trace): array
    {
        $end = $trace->end;

        return [
            'points' => array_map(
                static fn(TracePoint $point): array => [
                    $point->at->seconds,
                    $point->temperature->inCelsius(),
                    $point->shade?->value,
                    $point->mass()->inGrams(),
                    $point->volume()->inMillilitres(),
                    $point->depth()->inMillimetres(),
                    $point->thickness()?->gramsPerLitre,
                    $point->rawTaste(),
                    $point->gelatinised(),
                    $point->steam->inGrams(),
                    $point->freeFat()->inGrams(),
                    $point->lumpRank(),
                    $point->speckRank(),
                    $point->scorchRank(),
                ],
                $trace->points,
            ),
            'troubles' => array_map(
                static fn(Happening $one): array => [$one->at->seconds, $one->trouble->value, $one->about],
                $trace->troubles,
            ),
            'end °C' => $end->celsius,
            'end' => self::sauce($end->content()),
            'books g' => [$end->ledger->in, $end->ledger->steam, $end->ledger->strained, $end->ledger->skimmed, $end->ledger->ladled],
        ];
    }

    /** @return array<string, float> */
    private static function sauce(Sauce $sauce): array
    {
        return [
            'g' => $sauce->grams(),
            'ml' => $sauce->millilitres(),
            'water g' => $sauce->waterGrams,
            'fat g' => $sauce->fatGrams,
            'alcohol g' => $sauce->alcoholGrams,
            'salt %' => $sauce->saltPercent(),
            'pH' => $sauce->pH(),
            'free fat g' => $sauce->freeFat()->inGrams(),
            'thickness g/l' => $sauce->waterGrams > 0.0 && $sauce->starch->grams > 0.0 ? EquivalentFlour::of($sauce)->gramsPerLitre : 0.0,
            'raw taste' => $sauce->starch->rawTaste,
            'gelatinised' => $sauce->starch->gelatinised,
        ];
    }
}
