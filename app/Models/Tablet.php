<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A tablet of this kitchen: paired once by a chef, known by its cookie from then on.
 *
 * @property int $id
 * @property string $name
 * @property string|null $token_hash once it is paired
 * @property string|null $code_hash while it waits to be
 * @property CarbonImmutable|null $code_until
 * @property CarbonImmutable|null $seen_at
 */
final class Tablet extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;

    protected $fillable = ['name', 'token_hash', 'code_hash', 'code_until', 'seen_at'];

    protected $hidden = ['token_hash', 'code_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code_until' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }
}
