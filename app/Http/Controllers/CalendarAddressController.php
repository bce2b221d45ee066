<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\ToldOnce;
use App\Kitchen\Kitchen;
use App\Models\Calendar;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Gives a cook's calendar an address; whoever has it reads what the cook is told to do. A new one ends the old, and none ends it too. */
final readonly class CalendarAddressController
{
    public function __invoke(Request $request, Kitchen $kitchen): RedirectResponse
    {
        $cook = $request->string('cook')->toString();
        abort_unless(in_array($cook, $kitchen->cooks(), true), 404);
        if ($request->boolean('end')) {
            Calendar::query()->where('cook', $cook)->get()->each->delete();

            return redirect(route('kitchen') . '#hands')->with('saved', 'hands');
        }
        $token = Str::random(40);
        Calendar::query()->updateOrCreate(['cook' => $cook], ['token_hash' => Calendar::hash($token)]);
        ToldOnce::tell($request, 'calendar', ['name' => $cook, 'secret' => route('api.calendar', $token)]);

        return redirect(route('kitchen') . '#hands');
    }
}
