<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Words;
use DateTimeImmutable;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingForecast;
use Lento\Keeping\CoolingRecord;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\StageForecast;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** The answer of `lento cool --json`; its shape is docs/formats/cool-answer.schema.json and stays stable. */
final readonly class CoolingJson
{
    /** Points of the curve, over what the last limit allows. */
    private const POINTS = 24;

    /** @return array<string, mixed> */
    public static function of(CoolFile $asked, Cooling $cooling, CoolingForecast $forecast): array
    {
        return [
            'rules' => $forecast->rules->name,
            'time_constant_min' => SheetJson::round($cooling->timeConstant()->inMinutes(), 1),
            'volume_ml' => SheetJson::round($asked->container?->volume()->inMillilitres() ?? 0.0, 1),
            'depth_mm' => SheetJson::round($asked->container?->depth->inMillimetres() ?? 0.0, 1),
            'until_counted_min' => self::minutes($forecast->intoTheZone),
            'stages' => array_map(static fn(StageForecast $stage): array => [
                'from_c' => SheetJson::round($stage->stage->from->inCelsius(), 1),
                'to_c' => SheetJson::round($stage->stage->to->inCelsius(), 1),
                'within_min' => SheetJson::round($stage->stage->within->inMinutes(), 1),
                'likely_min' => self::minutes($stage->time),
                'cautious_min' => self::minutes($stage->cautious),
                'should' => $stage->should(),
            ], $forecast->stages),
            'should' => $forecast->should(),
            'deepest_mm' => self::deepest($asked),
            'curve' => self::curve($asked->from, $cooling, $forecast),
            'verdict' => self::verdict($forecast),
            'caution' => Words::text('cooling.caution'),
        ] + ($asked->readings === [] || $asked->now === null ? [] : ['record' => self::record($asked, $asked->now)]);
    }

    /** @return array{verdict: string, stages: list<array{from_c: float, to_c: float, within_min: float, verdict: string}>} */
    private static function record(CoolFile $asked, DateTimeImmutable $now): array
    {
        $record = CoolingRecord::of($asked->rules, $asked->readings);

        return [
            'verdict' => $record->verdict($now)->value,
            'stages' => array_map(static fn(CoolingStage $stage): array => [
                'from_c' => SheetJson::round($stage->from->inCelsius(), 1),
                'to_c' => SheetJson::round($stage->to->inCelsius(), 1),
                'within_min' => SheetJson::round($stage->within->inMinutes(), 1),
                'verdict' => $record->ofStage($stage, $now)->value,
            ], $asked->rules->stages),
        ];
    }

    public static function verdict(CoolingForecast $forecast): string
    {
        return Words::text(
            $forecast->should() ? 'cooling.should' : 'cooling.will_not',
            rules: Words::text('cooling.rules.' . $forecast->rules->name),
        );
    }

    public static function deepest(CoolFile $asked): ?float
    {
        $deepest = $asked->container === null
            ? null
            : Cooling::deepest(
                $asked->container,
                $asked->place,
                $asked->thickness->viscosity(),
                $asked->rules,
                $asked->from,
                $asked->surroundings,
            );

        return $deepest === null ? null : SheetJson::round($deepest->inMillimetres(), 0);
    }

    /** @return list<array{minutes: float, celsius: float}> */
    private static function curve(Temperature $from, Cooling $cooling, CoolingForecast $forecast): array
    {
        $last = $forecast->rules->span()->inMinutes() + ($forecast->intoTheZone?->inMinutes() ?? 0.0);

        return array_map(static function (int $i) use ($last, $from, $cooling): array {
            $time = Duration::ofMinutes($last * $i / self::POINTS);

            return [
                'minutes' => SheetJson::round($time->inMinutes(), 1),
                'celsius' => SheetJson::round($cooling->temperatureAfter($from, $time)->inCelsius(), 1),
            ];
        }, range(0, self::POINTS));
    }

    private static function minutes(?Duration $time): ?float
    {
        return $time === null ? null : SheetJson::round($time->inMinutes(), 1);
    }
}
