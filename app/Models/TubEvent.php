<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that happened to a tub; only ever added. What its data mean is App\Records\ShelfCodec's to say.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $tub
 * @property string $token
 * @property int $version
 * @property string $kind
 * @property int $at_ms
 * @property int $said_at_ms
 * @property string $said_by
 * @property string $data
 */
final class TubEvent extends Model
{
    use OfAKitchen;

    public $timestamps = false;

    protected $fillable = ['batch_id', 'tub', 'token', 'version', 'kind', 'at_ms', 'said_at_ms', 'said_by', 'data'];
}
