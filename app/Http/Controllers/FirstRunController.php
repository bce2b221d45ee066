<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\FirstRun;
use App\Doors\Opening;
use App\Doors\SignedInSession;
use App\Http\Requests\FirstRunRequest;
use App\Models\Pan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The first run in the browser: an owner, and as much of the kitchen as they care to tell now. */
final readonly class FirstRunController
{
    public function show(): View|RedirectResponse
    {
        if (!FirstRun::isDue()) {
            return redirect()->route('sign-in');
        }
        // Made, if it is not: told to nobody but who can look at this machine's files.
        FirstRun::code();

        return view('pages.first-run');
    }

    /** @return array<string, string> */
    private function firstPan(): array
    {
        $pan = Pan::query()->first();

        return $pan === null ? [] : ['pan' => (string) $pan->id];
    }

    public function store(FirstRunRequest $request, Opening $opening): RedirectResponse
    {
        if (!FirstRun::isDue()) {
            return redirect()->route('sign-in');
        }
        SignedInSession::begin($request, $opening($request->told()));
        $asked = $request->firstSauce();

        // Straight to the first sheet: in the pan that was told, if one was.
        return isset($asked['sauce'])
            ? redirect()->route('compose', [...$asked, ...$this->firstPan()])
            : redirect()->route('compose');
    }
}
