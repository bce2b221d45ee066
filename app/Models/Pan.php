<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lento\Pot\PanBase;

/**
 * One of the kitchen's pans, measured with a ruler inside.
 *
 * @property int $id
 * @property string $name
 * @property int $diameter_mm
 * @property int $height_mm
 * @property int|null $length_mm of a tin
 * @property PanBase $base
 * @property int|null $mass_g
 */
final class Pan extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $fillable = ['name', 'diameter_mm', 'height_mm', 'length_mm', 'base', 'mass_g'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'base' => PanBase::class,
            'diameter_mm' => 'integer',
            'height_mm' => 'integer',
            'length_mm' => 'integer',
            'mass_g' => 'integer',
        ];
    }
}
