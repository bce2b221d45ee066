<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Illuminate\Database\Eloquent\Model;

/**
 * The address of one cook's calendar, known by its token; one a cook, so that a new one ends the old.
 *
 * @property int $id
 * @property string $cook
 * @property string $token_hash
 */
final class Calendar extends Model
{
    use Audited;
    use OfAKitchen;

    protected $fillable = ['cook', 'token_hash'];

    protected $hidden = ['token_hash'];

    public static function hash(#[\SensitiveParameter] string $token): string
    {
        return hash('sha256', $token);
    }

    /** Whose token it is, of whichever kitchen; null where it is nobody's. */
    public static function holding(#[\SensitiveParameter] string $token): ?self
    {
        return $token === '' ? null : app(Here::class)->everywhere(
            static fn(): ?self => self::query()->where('token_hash', self::hash($token))->first(),
        );
    }
}
