<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\RefusalWords;
use App\Format\Words;
use App\Formats\PracticeCsv;
use App\Http\Requests\ExerciseRequest;
use App\Kitchen\Kitchen;
use App\Models\Exercise;
use App\Pages\Practice\ExercisePage;
use App\Pages\Practice\ExercisesPage;
use App\People\Here;
use App\People\Place;
use App\Practice\Board;
use App\Practice\SetRow;
use App\Practice\StartPractice;
use App\Practice\Wanted;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Lento\Exception\LentoException;
use Lento\Practice\Exercise as Practised;

/** What a chef sets: the same pot for everybody, and who has come how far with it. */
final readonly class ExerciseController
{
    public function __construct(private Kitchen $kitchen) {}

    public function index(): View
    {
        $page = new ExercisesPage($this->kitchen, Board::set(), Board::cooked(), self::maySee());

        return view('pages.practice-exercises', ['page' => $page]);
    }

    public function show(Exercise $exercise): View
    {
        return view('pages.practice-exercise', ['page' => new ExercisePage(
            SetRow::of($exercise),
            $this->kitchen,
            self::maySee() ? Board::cookedOf($exercise) : null,
        )]);
    }

    public function store(ExerciseRequest $request): RedirectResponse
    {
        try {
            // What cannot be cooked is not set.
            $wanted = Wanted::of($request->sauce(), $request->liquid(), $request->litres(), $this->kitchen);
            Practised::of($wanted->plan, $this->kitchen->larder());
        } catch (LentoException $refused) {
            return redirect()->route('practice.exercises')->withInput()->withErrors([
                'sauce' => Words::text('practice.choose.no_such', why: RefusalWords::of($refused)),
            ]);
        }
        $exercise = Exercise::query()->create([
            'title' => $request->title(),
            'sauce' => $wanted->sauce,
            'liquid' => $wanted->liquid,
            'litres' => $wanted->litres,
            'difficulty' => $request->difficulty(),
            'seed' => $request->seed() ?? StartPractice::anySeed(),
            'set_by' => mb_substr(app(Here::class)->presence()->name, 0, 60),
        ]);

        return redirect()->route('practice.exercise', $exercise);
    }

    public function csv(): Response
    {
        return new Response(
            PracticeCsv::of(array_merge(...array_values(Board::cooked()))),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="lento-practice.csv"'],
        );
    }

    /** Who has done what is the chef's to see. */
    private static function maySee(): bool
    {
        return app(Here::class)->may(Place::People);
    }
}
