<?php

declare(strict_types=1);

namespace App\Doors;

use App\Models\Galley;
use App\Models\Member;
use App\Models\Tablet;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie as SentCookie;

/**
 * A tablet that was paired is known by its cookie; whoever stands at it says with one tap who they are.
 *
 * It lends a cook's hands to all, and a chef's only to who has said a chef's PIN: a tablet lies about.
 */
final readonly class AtTheTablet
{
    private const COOKIE = 'lento_tablet';

    private const WHO = 'lento.who';

    private const PROVEN = 'lento.proven';

    /** Minutes: browsers keep none for longer than 400 days, so that it is given anew as the tablet is used. */
    private const KEPT = 60 * 24 * 400;

    /** Seconds after which it is written down anew that it was seen. */
    private const SEEN_EVERY = 600;

    /** Behind TLS held to this very name by browsers, as the session's is. */
    public static function cookie(): string
    {
        return (config('session.secure') === true ? '__Host-' : '') . self::COOKIE;
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** From now on this browser is that tablet. */
    public static function pair(Tablet $tablet): SentCookie
    {
        $token = Str::random(48);
        $tablet->update(['token_hash' => self::hash($token), 'code_hash' => null, 'code_until' => null]);

        return self::kept($token);
    }

    private static function kept(string $token): SentCookie
    {
        return Cookie::make(self::cookie(), $token, self::KEPT, '/', null, (bool) config('session.secure'), true, false, 'lax');
    }

    public static function tablet(Request $request, Here $here): ?Tablet
    {
        $token = $request->cookie(self::cookie());
        if (!is_string($token) || $token === '') {
            return null;
        }

        return $here->everywhere(static function () use ($token): ?Tablet {
            $tablet = Tablet::query()->where('token_hash', self::hash($token))->whereNull('binned_at')->first();
            $now = CarbonImmutable::now();
            if ($tablet !== null && ($tablet->seen_at === null || $tablet->seen_at->diffInSeconds($now) > self::SEEN_EVERY)) {
                $tablet->update(['seen_at' => $now]);
                Cookie::queue(self::kept($token));
            }

            return $tablet;
        });
    }

    /** @return array{Presence, bool} who it is taken for, and whether they have said so */
    public static function presence(Request $request, Tablet $tablet, Here $here): array
    {
        $id = $request->session()->get(self::WHO);
        $member = !is_int($id) ? null : $here->everywhere(
            static fn(): ?Member => Member::query()->where('galley_id', $tablet->galley_id)->whereNull('binned_at')->find($id),
        );
        if ($member === null) {
            return [new Presence($tablet->galley_id, self::lends($tablet, $here), null, $tablet->name, $tablet->name), false];
        }
        $role = $request->session()->get(self::PROVEN) === $member->pin_hash && $member->pin_hash !== null
            ? $member->role
            : $member->role->atMost(Role::Cook);

        return [new Presence($tablet->galley_id, $role, $member->id, $member->name, $tablet->name), true];
    }

    /** Before anybody has said who they are: taps that it held are kept, unless the kitchen wishes to know whose. */
    private static function lends(Tablet $tablet, Here $here): Role
    {
        $galley = $here->everywhere(static fn(): ?Galley => Galley::query()->find($tablet->galley_id));

        return $galley?->asksForPins() === false ? Role::Cook : Role::Reader;
    }

    public static function sayWho(Request $request, Member $member, bool $proven): void
    {
        $request->session()->regenerate();
        $request->session()->put([self::WHO => $member->id, self::PROVEN => $proven ? $member->pin_hash : null]);
    }

    public static function forgetWho(Request $request): void
    {
        $request->session()->forget([self::WHO, self::PROVEN]);
        $request->session()->regenerate();
    }
}
