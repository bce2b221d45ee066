<?php

declare(strict_types=1);

namespace App\Doors;

/** Eight signs that no hand confuses, as XXXX-XXXX: 32 to the eighth, a million million, of which each is good for minutes. */
final readonly class PairingCode
{
    private const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LONG = 8;

    public static function fresh(): string
    {
        $code = '';
        for ($i = 0; $i < self::LONG; $i++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return substr($code, 0, self::LONG / 2) . '-' . substr($code, self::LONG / 2);
    }

    /** However it was typed. */
    public static function plain(string $typed): string
    {
        return strtr((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($typed)), ['0' => 'O', '1' => 'I']);
    }
}
