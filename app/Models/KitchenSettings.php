<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The kitchen's one row of settings: name, units, height, food-safety preset, usual schools.
 *
 * @property int $id
 * @property array<string, string> $settings
 */
final class KitchenSettings extends Model
{
    protected $table = 'kitchen_settings';

    protected $fillable = ['settings'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['settings' => 'array'];
    }
}
