<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\AtTheTablet;
use App\Doors\PairingCode;
use App\Models\Tablet;
use App\People\Here;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A tablet says the code that a chef has made for it, and is this kitchen's from then on. */
final readonly class PairController
{
    public function __construct(private Here $here) {}

    public function show(string $code = ''): View
    {
        return view('pages.pair', ['code' => $code]);
    }

    public function store(Request $request): RedirectResponse
    {
        $code = AtTheTablet::hash(PairingCode::plain($request->string('code')->toString()));
        $tablet = $this->here->everywhere(
            static fn(): ?Tablet => Tablet::query()
                ->where('code_hash', $code)
                ->where('code_until', '>', CarbonImmutable::now())
                ->whereNull('binned_at')
                ->first(),
        );
        if ($tablet === null) {
            return redirect()->route('pair')->withErrors(['code' => __('doors.code_wrong')]);
        }
        $cookie = $this->here->everywhere(static fn() => AtTheTablet::pair($tablet));
        $request->session()->regenerate();

        return redirect()->route('who')->withCookie($cookie);
    }
}
