<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Eye\Eyes;
use App\Eye\Trainee;
use App\Models\EyeReading;
use App\Models\EyeWish;
use App\Pages\Practice\EyePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A cook's own eye: theirs to see, to lend, and to have forgotten. */
final readonly class EyeController
{
    public function show(): View
    {
        return view('pages.practice-eye', ['page' => new EyePage(Eyes::here())]);
    }

    public function store(Request $request): RedirectResponse
    {
        $who = Trainee::here();
        EyeWish::query()->updateOrCreate(['cook_key' => $who->key], [
            'cook' => $who->name,
            'at_the_stove' => $request->boolean('at_the_stove'),
            'shown_to_chef' => $request->boolean('shown_to_chef'),
        ]);

        return redirect()->route('practice.eye')->with('done', __('practice.eye.saved'));
    }

    public function forget(): RedirectResponse
    {
        $who = Trainee::here();
        EyeReading::query()->where('cook_key', $who->key)->delete();
        EyeWish::query()->where('cook_key', $who->key)->delete();

        return redirect()->route('practice.eye')->with('done', __('practice.eye.forgotten'));
    }
}
