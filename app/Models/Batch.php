<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One sauce as it was made, once, and put away in one tub or several.
 *
 * @property int $id
 * @property string $uid
 * @property string $code on its labels, the kitchen's own
 * @property string $name
 * @property string|null $sauce
 * @property string|null $liquid
 * @property int|null $pot_id
 * @property string $cook
 * @property int $made_at_ms
 * @property array<string, mixed> $facts App\Records\LotCodec
 * @property float|null $cost_per_litre in the kitchen's money, as far as it had prices then
 * @property-read Collection<int, Tub> $tubs
 */
final class Batch extends Model
{
    use OfAKitchen;

    protected $fillable = ['uid', 'code', 'name', 'sauce', 'liquid', 'pot_id', 'cook', 'made_at_ms', 'facts', 'cost_per_litre'];

    /** @return HasMany<Tub, $this> */
    public function tubs(): HasMany
    {
        return $this->hasMany(Tub::class)->orderBy('nth');
    }

    public function madeAt(): CarbonImmutable
    {
        return CarbonImmutable::instance(Moment::of($this->made_at_ms));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'made_at_ms' => 'integer', 'cost_per_litre' => 'float'];
    }
}
