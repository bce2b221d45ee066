<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\AtTheTablet;
use App\Models\Galley;
use App\Models\Member;
use App\Models\Tablet;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** Who stands at this tablet: one tap, and a PIN where the kitchen wishes, or where more than a cook's hands are asked for. */
final readonly class WhoController
{
    private const PIN_TRIES = 5;

    private const PIN_REST_SECONDS = 60;

    public function __construct(private Here $here) {}

    public function show(Request $request): View|RedirectResponse
    {
        $tablet = $this->enter($request);
        if ($tablet === null) {
            return redirect()->route('sign-in');
        }

        return view('pages.who', [
            'galley' => Galley::query()->findOrFail($tablet->galley_id),
            'tablet' => $tablet,
            'members' => Member::query()->orderBy('name')->get(),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $tablet = $this->enter($request);
        if ($tablet === null) {
            return redirect()->route('sign-in');
        }
        $member = Member::query()->findOrFail($request->integer('member'));
        $pin = $request->string('pin')->toString();
        $asked = Galley::query()->findOrFail($tablet->galley_id)->asksForPins();
        $limit = "pin:{$member->id}:{$tablet->id}";
        $fault = match (true) {
            $pin === '' => $asked && $member->pin_hash !== null ? 'pin_needed' : ($asked ? 'pin_none' : null),
            RateLimiter::tooManyAttempts($limit, self::PIN_TRIES) => 'pin_rests',
            $member->pin_hash === null || !Hash::check($pin, $member->pin_hash) => 'pin_wrong',
            default => null,
        };
        if ($fault !== null) {
            if ($fault === 'pin_wrong') {
                RateLimiter::hit($limit, self::PIN_REST_SECONDS);
            }

            return redirect()
                ->route('who')
                ->with('who', $member->id)
                ->withErrors(['pin' => __('doors.' . $fault, ['name' => $member->name])]);
        }
        AtTheTablet::sayWho($request, $member, $pin !== '');

        return redirect()->intended(route('compose'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        AtTheTablet::forgetWho($request);

        return redirect()->route('who');
    }

    private function enter(Request $request): ?Tablet
    {
        $tablet = AtTheTablet::tablet($request, $this->here);
        if ($tablet !== null) {
            $this->here->enter(new Presence($tablet->galley_id, Role::Reader, null, $tablet->name, $tablet->name));
        }

        return $tablet;
    }
}
