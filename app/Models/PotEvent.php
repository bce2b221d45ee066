<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that happened to a pot; only ever added. What its columns mean is App\Stove\StoredEvent's to say.
 *
 * @property int $id
 * @property int $pot_id
 * @property string $token
 * @property string $kind
 * @property int $step
 * @property int $at_ms
 */
final class PotEvent extends Model
{
    public $timestamps = false;

    protected $fillable = ['token', 'kind', 'step', 'pour', 'goes_to', 'seconds', 'value', 'choice', 'text', 'undoes', 'at_ms'];
}
