<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a cook allows with the readings of their eye: nothing, unless they say so.
 *
 * @property int $id
 * @property string $cook_key
 * @property string $cook
 * @property bool $at_the_stove
 * @property bool $shown_to_chef
 */
final class EyeWish extends Model
{
    use OfAKitchen;

    protected $fillable = ['cook_key', 'cook', 'at_the_stove', 'shown_to_chef'];

    protected $attributes = ['cook' => '', 'at_the_stove' => false, 'shown_to_chef' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at_the_stove' => 'boolean', 'shown_to_chef' => 'boolean'];
    }
}
