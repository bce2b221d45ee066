<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A day of the record that somebody has closed: what is said of it later shows as an addition.
 *
 * @property int $id
 * @property string $day YYYY-MM-DD
 * @property int $sealed_at_ms
 * @property string $sealed_by
 * @property int $lines that there were then
 * @property string $digest of those lines
 */
final class SealedDay extends Model
{
    use OfAKitchen;

    protected $fillable = ['day', 'sealed_at_ms', 'sealed_by', 'lines', 'digest'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sealed_at_ms' => 'integer', 'lines' => 'integer'];
    }
}
