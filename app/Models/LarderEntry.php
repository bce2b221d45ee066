<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What this kitchen knows better of an ingredient: its price, its salt; or one of its own, told by one it resembles.
 *
 * @property int $id
 * @property non-empty-string $like
 * @property string|null $name
 * @property float|null $price_per_kg
 * @property float|null $salt_percent
 * @property float|null $fat_percent
 * @property string|null $allergens "milk egg", or "none" where that was checked
 */
final class LarderEntry extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $fillable = ['like', 'name', 'price_per_kg', 'salt_percent', 'fat_percent', 'allergens'];

    /** One that has no name of its own is called as the larder knows it. */
    public function calledInTheBin(): string
    {
        return $this->name ?? $this->like;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['price_per_kg' => 'float', 'salt_percent' => 'float', 'fat_percent' => 'float'];
    }
}
