<?php

declare(strict_types=1);

namespace App\Casts;

use App\Records\PlanCodec;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Lento\Plan\Plan;

/**
 * The plan of a pot as a JSON column.
 *
 * @implements CastsAttributes<Plan, Plan>
 */
final class PlanCast implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Plan
    {
        $plan = PlanCodec::decode(json_decode(is_string($value) ? $value : 'null', true, 32, JSON_THROW_ON_ERROR));
        if (is_string($value)) {
            app(WrittenPlans::class)->keep($plan, $value);
        }

        return $plan;
    }

    /**
     * @param Plan|null $value
     * @param array<string, mixed> $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $plan = $value ?? Plan::free();

        return app(WrittenPlans::class)->of($plan, static fn(): string => json_encode(
            PlanCodec::encode($plan),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        ));
    }
}
