<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A tub, tray or pot that this kitchen keeps sauce in, by its inner sides.
 *
 * @property int $id
 * @property string $name
 * @property int $length_mm across, of a round one
 * @property int|null $width_mm null of a round one
 * @property int $height_mm
 * @property int $owned how many alike
 */
final class Vessel extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;

    public const MOST_OWNED = 200;

    protected $fillable = ['name', 'length_mm', 'width_mm', 'height_mm', 'owned'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['length_mm' => 'integer', 'width_mm' => 'integer', 'height_mm' => 'integer', 'owned' => 'integer'];
    }
}
