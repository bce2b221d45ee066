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
 * @property bool $shared with the other kitchens of the house
 */
final class KitchenFormula extends Model
{
    use Audited;
    use OfAKitchen;


    protected $table = 'formulas';

    protected $fillable = ['base', 'changes', 'shared'];

    protected $attributes = ['shared' => false];

    /**
     * Within a model `changes` is what Eloquent has saved last, not this column.
     *
     * @return array<string, string>
     */
    public function changed(): array
    {
        /** @var array<string, string> */
        return $this->getAttribute('changes');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['base' => Base::class, 'changes' => 'array', 'shared' => 'boolean'];
    }
}
