<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\Password;
use App\Doors\SignedInSession;
use App\Models\Account;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;

/** In and out with a name and a password. */
final readonly class SignInController
{
    /** Wrong passwords in a row, over days, after which an account rests. */
    private const TRIES = 20;

    private const REST_MINUTES = 15;

    public function show(): View
    {
        return view('pages.sign-in');
    }

    /** The same words and the same time whether there is such an account or not, or it rests. */
    public function store(Request $request): RedirectResponse
    {
        $login = mb_strtolower(trim($request->string('login')->toString()));
        $account = Account::query()->where('login', $login)->first();
        $now = CarbonImmutable::now();
        $rests = $account?->locked_until !== null && $account->locked_until > $now;
        $right = Hash::check(
            mb_substr($request->string('password')->toString(), 0, Password::MOST),
            $account->password ?? self::nobodys(),
        );
        if ($account === null || !$right || $rests) {
            if ($account !== null && !$rests) {
                $failed = $account->failed + 1;
                $account->update([
                    'failed' => $failed % self::TRIES,
                    'locked_until' => $failed >= self::TRIES ? $now->addMinutes(self::REST_MINUTES) : null,
                ]);
            }
            Log::warning('A sign-in was refused', ['known' => $account !== null, 'rests' => $rests]);

            return redirect()->route('sign-in')->withInput(['login' => $login])->withErrors(['login' => __('doors.wrong')]);
        }
        $account->update(['failed' => 0, 'locked_until' => null]);
        SignedInSession::begin($request, $account);

        return redirect()->intended(route('compose'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        SignedInSession::end($request);

        return redirect()->route('sign-in');
    }

    /** Everywhere: every browser that this account is signed in with. */
    public function everywhere(Request $request): RedirectResponse
    {
        SignedInSession::account($request)?->increment('epoch');

        return $this->destroy($request);
    }

    /** A hash of nothing that anybody knows, as dear as an account's. */
    private static function nobodys(): string
    {
        return Cache::rememberForever('nobodys-hash', static fn(): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
