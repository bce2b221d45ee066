<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One kind of question for one cook, and when it is asked again.
 *
 * @property int $id
 * @property string $cook_key
 * @property string $card
 * @property int $box
 * @property int $times
 * @property int $due_at_ms
 */
final class DrillCard extends Model
{
    use OfAKitchen;

    protected $fillable = ['cook_key', 'card', 'box', 'times', 'due_at_ms'];

    protected $attributes = ['box' => 0, 'times' => 0, 'due_at_ms' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['box' => 'integer', 'times' => 'integer', 'due_at_ms' => 'integer'];
    }
}
