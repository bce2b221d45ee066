<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a service wants, as it was typed.
 *
 * @property int $id
 * @property array<string, mixed> $fields
 * @property-read Collection<int, Pot> $pots
 */
final class Service extends Model
{
    use Archivable;
    use OfAKitchen;


    protected $fillable = ['fields'];

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
