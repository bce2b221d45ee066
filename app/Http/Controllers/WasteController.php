<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kitchen\Kitchen;
use App\Models\Par;
use App\Pages\Keep\WastePage;
use App\Shelf\ToMake;
use App\Shelf\Waste;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What was thrown away by week, and what is always to be there. */
final readonly class WasteController
{
    private const MOST_LITRES = 300.0;

    public function __invoke(Request $request, Kitchen $kitchen): View
    {
        return view('pages.waste', ['page' => self::page($request, $kitchen)]);
    }

    /** Nothing of a base takes its par away. */
    public function store(Request $request, Kitchen $kitchen): RedirectResponse
    {
        $typed = ['base' => $request->string('base')->toString(), 'litres' => $request->string('litres')->toString()];
        $bases = array_map(strval(...), array_keys(self::page($request, $kitchen)->bases()));
        $read = Fields::read($typed, [
            'base' => [OneOf::of($bases)->needed()],
            'litres' => [Number::between(0.0, self::MOST_LITRES, ' l')->needed()],
        ]);
        if ($read->faults !== []) {
            $fault = array_values($read->faults)[0];

            return redirect()->to(route('keep.waste') . '#par')->withInput()->withErrors([$fault->field => $fault->message()]);
        }
        [$sauce, $liquid] = explode('@', $read->word('base') ?? '@', 2);
        $litres = $read->number('litres') ?? 0.0;
        $litres <= 0.0
            ? Par::query()->where(['sauce' => $sauce, 'liquid' => $liquid])->get()->each->delete()
            : Par::query()->updateOrCreate(['sauce' => $sauce, 'liquid' => $liquid], ['litres' => $litres]);

        return redirect()->to(route('keep.waste') . '#par');
    }

    private static function page(Request $request, Kitchen $kitchen): WastePage
    {
        $now = CarbonImmutable::now();
        $asked = $request->query('week');
        $week = is_string($asked) && preg_match('/\A(19[89]|20)\d{1,2}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])\z/', $asked) === 1
            ? CarbonImmutable::parse($asked)
            : $now;

        return new WastePage(Waste::ofWeek($week), ToMake::of($kitchen, $now), $kitchen);
    }
}
