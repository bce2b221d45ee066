<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Lento\Shelf\Spot;
use Lento\Shelf\TubState;

/**
 * A tub as it stands, as follows from the events of its batch.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $uid
 * @property int $nth of its batch
 * @property string $vessel
 * @property TubState $state when it was last written; what cools goes on cooling
 * @property Spot $spot
 * @property int $ml
 * @property float|null $celsius as it was read last
 * @property string|null $use_by the last day, as YYYY-MM-DD
 * @property int|null $looks_at_ms when the thermometer is wanted next
 * @property int $put_in_at_ms
 * @property int|null $gone_at_ms
 * @property bool $reheated
 * @property int $made_ml
 * @property int $served_ml
 * @property int $binned_ml
 * @property int $lost_ml
 * @property string|null $bin_reason
 * @property-read Batch $batch
 */
final class Tub extends Model
{
    use OfAKitchen;

    protected $fillable = [
        'batch_id',
        'uid',
        'nth',
        'vessel',
        'state',
        'spot',
        'ml',
        'celsius',
        'use_by',
        'looks_at_ms',
        'put_in_at_ms',
        'gone_at_ms',
        'reheated',
        'made_ml',
        'served_ml',
        'binned_ml',
        'lost_ml',
        'bin_reason',
    ];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @param Builder<self> $query */
    public function scopeThere(Builder $query): void
    {
        // Each by its name, for an index finds no row by what it is not.
        $query->whereIn('state', TubState::there());
    }

    /** Whether its last day is over. */
    public function isPastUse(CarbonImmutable $now): bool
    {
        return $this->use_by !== null && $now->format('Y-m-d') > substr($this->use_by, 0, 10);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => TubState::class,
            'spot' => Spot::class,
            'ml' => 'integer',
            'nth' => 'integer',
            'celsius' => 'float',
            'looks_at_ms' => 'integer',
            'put_in_at_ms' => 'integer',
            'gone_at_ms' => 'integer',
            'reheated' => 'boolean',
            'made_ml' => 'integer',
            'served_ml' => 'integer',
            'binned_ml' => 'integer',
            'lost_ml' => 'integer',
        ];
    }
}
