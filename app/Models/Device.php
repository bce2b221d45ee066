<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A probe or a scale of this kitchen, known by its token.
 *
 * @property int $id
 * @property string $name
 * @property DeviceKind $kind
 * @property string $place where it reads: the pot that stands there
 * @property string $token_hash
 * @property CarbonImmutable|null $heard_at
 * @property int $ignored readings that were not taken, since it was made
 * @property string $ignored_why the last time
 * @property int|null $pot_id the pot it read last
 * @property int|null $tub_id the tub it stands in
 * @property int $pot_ignored readings of that pot that were not taken
 */
final class Device extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'name',
        'kind',
        'place',
        'token_hash',
        'heard_at',
        'ignored',
        'ignored_why',
        'pot_id',
        'pot_ignored',
        'tub_id',
    ];

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** The device that holds a token, of whichever kitchen; null where none does, or it was thrown away. */
    public static function holding(string $token): ?self
    {
        return $token === '' ? null : app(Here::class)->everywhere(
            static fn(): ?self => self::query()->where('token_hash', self::hash($token))->whereNull('binned_at')->first(),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => DeviceKind::class,
            'heard_at' => 'immutable_datetime',
            'ignored' => 'integer',
            'pot_ignored' => 'integer',
        ];
    }
}
