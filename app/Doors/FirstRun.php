<?php

declare(strict_types=1);

namespace App\Doors;

use App\Models\Account;

/**
 * Before anybody has an account: who sets Lento up becomes its owner.
 *
 * So that it is not whoever comes first on the network, a code is asked for that only the machine itself knows.
 */
final readonly class FirstRun
{
    public static function isDue(): bool
    {
        return Account::query()->doesntExist();
    }

    public static function file(): string
    {
        return storage_path('app/first-run-code');
    }

    /** Made once, by the machine; told to who looks into its file, or at what `./lento serve` prints. */
    public static function code(): string
    {
        if (!is_file(self::file())) {
            $mask = umask(0o077);
            file_put_contents(self::file(), PairingCode::fresh() . "\n");
            umask($mask);
        }

        return trim((string) file_get_contents(self::file()));
    }

    public static function isTheCode(string $typed): bool
    {
        return is_file(self::file()) && hash_equals(PairingCode::plain(self::code()), PairingCode::plain($typed));
    }

    public static function isOver(): void
    {
        is_file(self::file()) && unlink(self::file());
    }
}
