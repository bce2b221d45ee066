<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What there is always to be of a sauce: "3 l espagnole".
 *
 * @property int $id
 * @property string $sauce
 * @property string $liquid
 * @property float $litres
 */
final class Par extends Model
{
    use Audited;
    use OfAKitchen;

    protected $fillable = ['sauce', 'liquid', 'litres'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float'];
    }
}
