<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that happened to a pot; only ever added. What its data mean is App\Records\EventCodec's to say.
 *
 * @property int $id
 * @property int $pot_id
 * @property string $token
 * @property int $version
 * @property string $kind
 * @property string $step
 * @property int $at_ms
 * @property string|null $visit the kind of visit, where it is one: the rail asks for the last of each
 * @property string|null $undoes the token of the event that is taken back
 * @property string $said_by who said it, by their name as it was then; a device by its own
 * @property string $data
 */
final class PotEvent extends Model
{
    use OfAKitchen;


    public $timestamps = false;

    protected $fillable = ['token', 'version', 'kind', 'step', 'at_ms', 'visit', 'undoes', 'data', 'said_by'];
}
