<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lento\Pot\HobKind;

/**
 * One ring of the kitchen's stove, by its plate.
 *
 * @property int $id
 * @property string $name
 * @property HobKind $kind
 * @property int $power_w
 * @property int $levels
 * @property ?int $widest_mm pan that it takes; null where nobody has told
 */
final class Hob extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $fillable = ['name', 'kind', 'power_w', 'levels', 'widest_mm'];

    /** Of a row that a migration reads there is none yet: rings were kept before their widths. */
    public function widest(): ?int
    {
        return array_key_exists('widest_mm', $this->attributes) ? $this->widest_mm : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => HobKind::class, 'power_w' => 'integer', 'levels' => 'integer', 'widest_mm' => 'integer'];
    }
}
