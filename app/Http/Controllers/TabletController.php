<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Doors\AtTheTablet;
use App\Doors\PairingCode;
use App\Http\ToldOnce;
use App\Models\Tablet;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The kitchen's tablets: each is let in once, by a code that is good for minutes, and can be sent away. */
final readonly class TabletController
{
    private const GOOD_MINUTES = 10;

    public function index(Request $request): View
    {
        return view('pages.tablets', [
            'tablets' => Tablet::query()->orderBy('name')->get(),
            'minutes' => self::GOOD_MINUTES,
            'made' => ToldOnce::heard($request, 'tablet'),
        ]);
    }

    /** The code is told once; only its hash is kept. */
    public function store(Request $request): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:60']]);
        $code = PairingCode::fresh();
        $name = $request->string('name')->trim()->toString();
        Tablet::query()->create([
            'name' => $name,
            'code_hash' => AtTheTablet::hash(PairingCode::plain($code)),
            'code_until' => CarbonImmutable::now()->addMinutes(self::GOOD_MINUTES),
        ]);

        ToldOnce::tell($request, 'tablet', ['name' => $name, 'secret' => $code]);

        return redirect()->route('tablets');
    }

    public function remove(int $tablet): RedirectResponse
    {
        $tablet = Tablet::query()->findOrFail($tablet);
        $tablet->bin();

        return redirect()->route('tablets')->with('binned', ['tablets', $tablet->id, $tablet->name]);
    }
}
