<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * A sauce's question as it was kept; never changed.
 *
 * @property int $id
 * @property int $sauce_id
 * @property int $number
 * @property array<string, string> $question
 * @property CarbonImmutable $created_at
 * @property-read Sauce $sauce
 */
final class SauceVersion extends Model
{
    use OfAKitchen;


    protected $fillable = ['number', 'question'];

    /** @return BelongsTo<Sauce, $this> */
    public function sauce(): BelongsTo
    {
        return $this->belongsTo(Sauce::class);
    }

    protected static function booted(): void
    {
        self::updating(static fn() => throw new LogicException('A kept version never changes; keep another one.'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => 'array', 'number' => 'integer'];
    }
}
