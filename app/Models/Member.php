<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Role;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who works in a kitchen. With an account they sign in by themselves; without, they are chosen on a tablet.
 *
 * @property int $id
 * @property string $name as the tickets have it
 * @property Role $role
 * @property int|null $account_id
 * @property string|null $pin_hash
 * @property-read Galley $galley
 * @property-read Account|null $account
 */
final class Member extends Model
{
    use Audited;
    use Binnable;
    use OfAKitchen;

    protected $fillable = ['name', 'role', 'account_id', 'pin_hash', 'galley_id'];

    protected $hidden = ['pin_hash'];

    /** @return BelongsTo<Galley, $this> */
    public function galley(): BelongsTo
    {
        return $this->belongsTo(Galley::class);
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'pin_hash' => 'hashed'];
    }
}
