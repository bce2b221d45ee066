<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a service wants, as it was typed.
 *
 * @property int $id
 * @property array<string, mixed> $fields
 * @property ?string $typed_on the page that last changed it, by its own mark; none where a page went without script
 * @property ?int $typed_turn which change of that page it was
 * @property-read Collection<int, Pot> $pots
 */
final class Service extends Model
{
    use Archivable;
    use OfAKitchen;


    protected $fillable = ['fields'];

    /**
     * Kept, unless a later change of the same page is here already: on a busy line an older one may come after it.
     *
     * @param array<string, mixed> $fields
     */
    public function typed(array $fields, ?string $on, int $turn): void
    {
        static::query()
            ->whereKey($this->id)
            ->where(
                static fn(Builder $rows) => $on === null
                    ? $rows
                    : $rows
                        ->whereNull('typed_on')
                        ->orWhere('typed_on', '!=', $on)
                        ->orWhere('typed_turn', '<', $turn),
            )
            ->update(['fields' => json_encode($fields, JSON_THROW_ON_ERROR), 'typed_on' => $on, 'typed_turn' => $turn]);
        $this->refresh();
    }

    /** @return HasMany<Pot, $this> */
    public function pots(): HasMany
    {
        return $this->hasMany(Pot::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fields' => 'array'];
    }
}
