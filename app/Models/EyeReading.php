<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lento\Eye\EyeKind;

/**
 * What one cook took something for, and what it was. Theirs alone.
 *
 * @property int $id
 * @property string $cook_key
 * @property EyeKind $kind
 * @property float $called
 * @property float $actual
 */
final class EyeReading extends Model
{
    use OfAKitchen;

    protected $fillable = ['cook_key', 'kind', 'called', 'actual'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => EyeKind::class, 'called' => 'float', 'actual' => 'float'];
    }
}
