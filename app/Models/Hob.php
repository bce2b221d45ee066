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
 */
final class Hob extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $fillable = ['name', 'kind', 'power_w', 'levels'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => HobKind::class, 'power_w' => 'integer', 'levels' => 'integer'];
    }
}
