<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Lento\Practice\Difficulty;

/**
 * A pot that a chef has set for the brigade: the same strange kitchen for everybody.
 *
 * @property int $id
 * @property string $title
 * @property string $sauce
 * @property string $liquid
 * @property float $litres
 * @property Difficulty $difficulty
 * @property int $seed
 * @property string $set_by
 * @property-read Collection<int, Practice> $practices
 */
final class Exercise extends Model
{
    use OfAKitchen;

    protected $fillable = ['title', 'sauce', 'liquid', 'litres', 'difficulty', 'seed', 'set_by'];

    /** @return HasMany<Practice, $this> */
    public function practices(): HasMany
    {
        return $this->hasMany(Practice::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['difficulty' => Difficulty::class, 'litres' => 'float', 'seed' => 'integer'];
    }
}
