<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;

/** A secret that the next page tells, once: on its way there it lies in the session under the application's key, never in clear. */
final readonly class ToldOnce
{
    /** @param array{name: string, secret: string} $told */
    public static function tell(Request $request, string $what, #[\SensitiveParameter] array $told): void
    {
        $request->session()->flash('told.' . $what, Crypt::encrypt($told));
    }

    /** @return array{name: string, secret: string}|null */
    public static function heard(Request $request, string $what): ?array
    {
        $kept = $request->session()->get('told.' . $what);
        try {
            $told = is_string($kept) ? Crypt::decrypt($kept) : null;
        } catch (DecryptException) {
            return null;
        }

        return is_array($told) && is_string($told['name'] ?? null) && is_string($told['secret'] ?? null)
            ? ['name' => $told['name'], 'secret' => $told['secret']]
            : null;
    }
}
