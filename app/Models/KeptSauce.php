<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A question worth keeping, under the kitchen's own name.
 *
 * @property int $id
 * @property string $name
 * @property array<string, string> $question
 */
final class KeptSauce extends Model
{
    protected $fillable = ['name', 'question'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => 'array'];
    }
}
