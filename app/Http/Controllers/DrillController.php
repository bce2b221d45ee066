<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Eye\Trainee;
use App\Http\Requests\DrillRequest;
use App\Kitchen\Kitchen;
use App\Models\DrillCard;
use App\Pages\Practice\DrillPage;
use App\Practice\DrillDeck;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Drill\DrillKind;
use Lento\Drill\LeitnerBox;
use Lento\Practice\Draw;

/** Drills of half a minute: one is asked, answered, and comes back when it is about to be forgotten. */
final readonly class DrillController
{
    public function __construct(private DrillDeck $deck, private Kitchen $kitchen) {}

    public function show(Request $request): View
    {
        $kind = DrillKind::tryFrom($request->string('kind')->toString());
        $seed = $request->integer('seed');
        if ($kind === null || $seed < 1 || $seed > Draw::MOST_SEED) {
            return view('pages.practice-drill', ['page' => new DrillPage($this->deck->next(Trainee::here()), $this->kitchen)]);
        }
        $card = $this->deck->asked($kind, $seed, $request->string('sauce')->toString());
        $known = DrillCard::query()->where('cook_key', Trainee::here()->key)->where('card', $card->drill->card())->first();
        $box = LeitnerBox::of($known->box ?? 0);
        $said = $request->query('said');

        return view('pages.practice-drill', [
            'page' => new DrillPage($card, $this->kitchen, is_numeric($said) ? (float) $said : null, $box),
        ]);
    }

    public function answer(DrillRequest $request): RedirectResponse
    {
        $card = $this->deck->asked($request->kind(), $request->seed(), $request->sauce());
        $asked = ['kind' => $card->kind->value, 'seed' => $card->seed, 'sauce' => $card->sauce];
        $answer = $request->answer();
        if ($answer === null) {
            return redirect()->route('practice.drills', $asked)->withErrors([
                'answer' => __($card->drill->choices === [] ? 'practice.drill.type_number' : 'practice.drill.choose'),
            ]);
        }
        $this->deck->answered($card, $answer, Trainee::here());

        return redirect()->route('practice.drills', [...$asked, 'said' => $answer]);
    }
}
