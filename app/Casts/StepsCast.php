<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Compose\TendingKind;
use Lento\Quantity\Duration;

/**
 * The steps of a pot as a JSON column.
 *
 * @implements CastsAttributes<list<Step>, list<Step>>
 */
final class StepsCast implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     *
     * @return list<Step>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = json_decode(is_string($value) ? $value : '[]', true, 16, JSON_THROW_ON_ERROR);

        return array_map(self::step(...), $rows);
    }

    /** @param array<string, mixed> $stored as set() writes it */
    public static function step(array $stored): Step
    {
        /** @var array{kind: string, seconds: float|int, hands_on: bool, timed: bool, pours: int<0, max>, tendings?: array<string, float|int>} $stored */
        return new Step(StepKind::from($stored['kind']), Duration::ofSeconds((float) $stored['seconds']), $stored['hands_on'], $stored['timed'], $stored['pours'], self::tendings($stored['tendings'] ?? []));
    }

    /**
     * @param list<Step>|null $value
     * @param array<string, mixed> $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(array_map(static fn(Step $step): array => [
            'kind' => $step->kind->value,
            'seconds' => round($step->time->seconds, 1),
            'hands_on' => $step->handsOn,
            'timed' => $step->timed,
            'pours' => $step->pours,
            ...($step->tendings === [] ? [] : ['tendings' => array_column(array_map(static fn(Tending $one): array => [$one->kind->value, round($one->every->seconds, 1)], $step->tendings), 1, 0)]),
        ], $value ?? []), JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, float|int> $rows s between two visits of a kind
     *
     * @return list<Tending>
     */
    private static function tendings(array $rows): array
    {
        return array_map(static fn(string $kind, float|int $seconds): Tending => new Tending(TendingKind::from($kind), Duration::ofSeconds((float) $seconds)), array_keys($rows), $rows);
    }
}
