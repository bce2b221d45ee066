<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Hob;
use App\Models\OwnDerivative;
use App\Models\Pan;
use App\Models\Pot;
use Illuminate\Validation\ValidationException;

/** How many of a kind a kitchen has at most: more is no kitchen, and a page of them no page. */
final readonly class TooMany
{
    /** @throws ValidationException with words that say so, where one more would be too many */
    public static function refuse(string $kind, ?int $id = null): void
    {
        $query = match ($kind) {
            'pans' => Pan::query(),
            'hobs' => Hob::query(),
            'own' => OwnDerivative::query(),
            'pots' => Pot::query()->whereNull('finished_at'),
            default => null,
        };
        $most = config()->integer('lento.most');
        if ($query !== null && $id === null && $query->count() >= $most) {
            throw ValidationException::withMessages(['limit' => __('doors.too_many.' . $kind, ['most' => $most])]);
        }
    }
}
