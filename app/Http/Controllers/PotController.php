<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartPotRequest;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Pages\StovePage;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\PotsOn;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class PotController
{
    /** The pot that wants a hand next, or an empty stove. */
    public function index(PotsOn $potsOn): RedirectResponse|View
    {
        $next = $potsOn->tickets()[0] ?? null;

        return $next === null ? view('pages.stove-empty') : redirect()->route('pots.show', $next->potId);
    }

    public function store(StartPotRequest $request, StartPot $start, Kitchen $kitchen): RedirectResponse
    {
        $fields = $request->fields();
        $sheet = Answer::to($fields, $kitchen)->sheet;
        if ($sheet === null) {
            // The form only ever carries a question that was answered; anything else goes back to say what is wrong.
            return redirect()->route('compose', $fields->toAddress());
        }

        return redirect()->route('pots.show', $start($sheet, $fields->filled($kitchen), CarbonImmutable::now(), version: $request->version()));
    }

    public function show(Pot $pot, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        if ($pot->finished_at !== null) {
            return redirect()->route('log.show', $pot);
        }
        $sheet = Answer::to(ComposeFields::from($pot->question), $kitchen)->sheet;
        abort_if($sheet === null, 410);

        return new PageOrFragment('pages.stove', ['page' => StovePage::of($pot->id, $pot->name, $pot->course(), $pot->notes(), $sheet, $kitchen->measures)]);
    }
}
