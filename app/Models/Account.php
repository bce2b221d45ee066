<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Model;

/**
 * Who may sign in with a name and a password; what they may do stands with each kitchen they belong to.
 *
 * @property int $id
 * @property string $login in small letters
 * @property string $password argon2id
 * @property int $epoch goes up when they sign out everywhere, or their password changes
 * @property int $failed wrong passwords since the last right one
 * @property CarbonImmutable|null $locked_until
 */
final class Account extends Model implements Authenticatable
{
    protected $fillable = ['login', 'password', 'epoch', 'failed', 'locked_until'];

    protected $hidden = ['password'];

    public function getAuthIdentifierName(): string
    {
        return 'id';
    }

    public function getAuthIdentifier(): int
    {
        return $this->id;
    }

    public function getAuthPasswordName(): string
    {
        return 'password';
    }

    public function getAuthPassword(): string
    {
        return $this->password;
    }

    /** Nobody is remembered beyond their session. */
    public function getRememberToken(): string
    {
        return '';
    }

    public function setRememberToken($value): void
    {
        // Never asked for.
    }

    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'locked_until' => 'immutable_datetime', 'epoch' => 'integer', 'failed' => 'integer'];
    }
}
