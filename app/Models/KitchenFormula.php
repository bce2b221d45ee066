<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lento\Compose\Base;

/**
 * What this kitchen does otherwise than the house when it makes a base, field by field as a question has them.
 *
 * @property int $id
 * @property Base $base
 * @property array<string, string> $changes
 */
final class KitchenFormula extends Model
{
    protected $table = 'formulas';

    protected $fillable = ['base', 'changes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['base' => Base::class, 'changes' => 'array'];
    }
}
