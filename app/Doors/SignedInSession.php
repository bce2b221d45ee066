<?php

declare(strict_types=1);

namespace App\Doors;

use App\Models\Account;
use App\Models\Member;
use App\People\Here;
use App\People\Presence;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Whoever signed in with an account: for thirty days at most, and until they sign out everywhere. */
final readonly class SignedInSession
{
    private const MOST_DAYS = 30;

    private const SINCE = 'lento.since';

    private const EPOCH = 'lento.epoch';

    private const KITCHEN = 'lento.kitchen';

    /** A session that somebody else may have seen before is never the one that is signed in. */
    public static function begin(Request $request, Account $account): void
    {
        Auth::login($account);
        $request->session()->regenerate();
        $request->session()->put([self::SINCE => CarbonImmutable::now()->getTimestamp(), self::EPOCH => $account->epoch]);
    }

    public static function end(Request $request): void
    {
        Auth::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** After a new password: all others are out, this one stays. */
    public static function renew(Request $request, Account $account): void
    {
        $account->increment('epoch');
        self::begin($request, $account);
    }

    public static function account(Request $request): ?Account
    {
        $account = Auth::user();
        if (!$account instanceof Account) {
            return null;
        }
        $since = $request->session()->get(self::SINCE);
        $ends = CarbonImmutable::now()->subDays(self::MOST_DAYS)->getTimestamp();
        if (!is_int($since) || $since < $ends || $request->session()->get(self::EPOCH) !== $account->epoch) {
            self::end($request);

            return null;
        }

        return $account;
    }

    /** The kitchen they chose last, or the first they belong to; null for somebody who belongs to none. */
    public static function presence(Request $request, Account $account, Here $here): ?Presence
    {
        $chosen = $request->session()->get(self::KITCHEN);
        $member = $here->everywhere(static function () use ($account, $chosen): ?Member {
            $all = Member::query()->where('account_id', $account->id)->whereNull('binned_at')->oldest('id')->get();

            return $all->firstWhere('galley_id', $chosen) ?? $all->first();
        });

        return $member === null ? null : new Presence($member->galley_id, $member->role, $member->id, $member->name);
    }

    public static function choose(Request $request, int $galley): void
    {
        $request->session()->put(self::KITCHEN, $galley);
    }
}
