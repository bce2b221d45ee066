<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Eye\Trainee;
use App\Format\RefusalWords;
use App\Format\Words;
use App\Formats\PracticeJson;
use App\Http\Requests\PracticeDeedRequest;
use App\Http\Requests\PracticeRequest;
use App\Kitchen\Kitchen;
use App\Models\Exercise;
use App\Models\Practice;
use App\Pages\Practice\ChoosePage;
use App\Pages\Practice\DebriefPage;
use App\Pages\Practice\PracticePage;
use App\Practice\Board;
use App\Practice\CalledLitres;
use App\Practice\CalledSpoon;
use App\Practice\FinishPractice;
use App\Practice\Row;
use App\Practice\RunningPractice;
use App\Practice\StartPractice;
use App\Practice\TakeDeed;
use App\Practice\Taken;
use App\Practice\Wanted;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lento\Compose\Base;
use Lento\Exception\LentoException;
use Lento\Practice\PracticePot;

/** A pot that forgives: chosen, cooked, talked over, cooked again from any moment. */
final readonly class PracticeController
{
    public function __construct(private Kitchen $kitchen) {}

    public function index(): View
    {
        return view('pages.practice-choose', ['page' => new ChoosePage($this->kitchen, Board::mine(), Board::set(8), Board::tonight())]);
    }

    public function store(PracticeRequest $request, StartPractice $start): RedirectResponse
    {
        $seed = $request->seed() ?? StartPractice::anySeed();
        $sauces = [...array_column(Base::cases(), 'value'), ...array_keys($this->kitchen->catalogue()->derivatives())];
        $sauce = $request->isSurprise() ? Wanted::surprise($seed, $sauces) : $request->sauce();

        return $this->begun(fn(): Practice => $start(
            Wanted::of($sauce, $request->liquid(), $request->litres(), $this->kitchen),
            $request->difficulty(),
            $seed,
            $request->isHelped(),
        ));
    }

    /** A pot that the chef has set: the same strange kitchen for everybody. */
    public function take(Exercise $exercise, StartPractice $start): RedirectResponse
    {
        return $this->begun(fn(): Practice => $start(
            Wanted::of($exercise->sauce, $exercise->liquid, $exercise->litres, $this->kitchen),
            $exercise->difficulty,
            $exercise->seed,
            false,
            $exercise,
        ));
    }

    /** @param Closure(): Practice $begin */
    private function begun(Closure $begin): RedirectResponse
    {
        try {
            return redirect()->route('practice.show', $begin());
        } catch (LentoException $refused) {
            return redirect()->route('practice')->withInput()->withErrors([
                'sauce' => Words::text('practice.choose.no_such', why: RefusalWords::of($refused)),
            ]);
        }
    }

    public function show(Practice $practice): View|RedirectResponse
    {
        $this->mine($practice);

        return $practice->finished_at !== null
            ? redirect()->route('practice.debrief', $practice)
            : $this->page($practice, RunningPractice::of($practice, $this->kitchen));
    }

    /** More of the trace. */
    public function ahead(Practice $practice, Request $request): JsonResponse
    {
        $this->mine($practice);
        $running = RunningPractice::of($practice, $this->kitchen);
        $from = max(0, min($request->integer('from'), PracticePot::LONGEST));

        return response()->json([
            'version' => $practice->version,
            ...PracticeJson::of($running->ahead($from), $running->exercise->plan),
        ]);
    }

    public function deed(Practice $practice, PracticeDeedRequest $request, TakeDeed $take): JsonResponse|View|Response|RedirectResponse
    {
        $this->mine($practice);
        $running = $request->waitsUntilItTurns() ? RunningPractice::of($practice, $this->kitchen) : null;
        $taken = CalledLitres::isSound($request->litres())
            ? $take($practice, $request->saw(), $request->deed($running))
            : Taken::refused($practice, Words::text('practice.refused.litres'));
        if ($taken->running !== null && !$taken->again) {
            $this->called($practice, $taken->running, $request);
        }

        return $request->wantsJson() ? $this->json($taken) : $this->whole($taken);
    }

    /** What the cook took it for, before it was measured. */
    private function called(Practice $practice, RunningPractice $running, PracticeDeedRequest $request): void
    {
        $word = $request->called();
        if ($word !== null) {
            CalledSpoon::write($practice, $word, $running->played->standing);
        }
        $litres = CalledLitres::of($request->litres());
        if ($litres !== null) {
            CalledLitres::write($practice, $litres, $running);
        }
    }

    public function back(Practice $practice, Request $request, TakeDeed $take): JsonResponse|RedirectResponse
    {
        $this->mine($practice);
        $at = max($request->integer('at'), $practice->second);
        $practice = $take->back($practice, $at);
        if (!$request->wantsJson()) {
            return redirect()->route('practice.show', $practice);
        }
        $running = RunningPractice::of($practice, $this->kitchen);

        return response()->json([
            ...$this->state($practice, $running),
            'resume' => max($running->played->standing->second(), $at - TakeDeed::BACK),
        ]);
    }

    public function finish(Practice $practice, FinishPractice $finish): RedirectResponse
    {
        $this->mine($practice);
        $finish($practice);

        return redirect()->route('practice.debrief', $practice);
    }

    public function debrief(Practice $practice, FinishPractice $finish): View|RedirectResponse
    {
        $this->mine($practice);

        return $practice->finished_at === null
            ? redirect()->route('practice.show', $practice)
            : view('pages.practice-debrief', [
                'page' => DebriefPage::of(Row::of($practice), $finish->debrief($practice), $this->kitchen),
            ]);
    }

    public function again(Practice $practice, Request $request, StartPractice $start): RedirectResponse
    {
        $this->mine($practice);
        $clock = $request->string('clock')->trim()->toString();
        if ($clock !== '' && preg_match('/\A\d{1,3}:[0-5]\d\z/', $clock) !== 1) {
            return redirect()->route('practice.debrief', $practice)->withErrors(['clock' => Words::text('practice.debrief.clock_fault')]);
        }
        [$minutes, $rest] = $clock === '' ? [0, $request->integer('second')] : array_map(intval(...), explode(':', $clock));

        return redirect()->route(
            'practice.show',
            $start->again($practice, max(0, min(60 * $minutes + $rest, PracticePot::LONGEST)), $request->boolean('elsewhere')),
        );
    }

    /** Whose it is, sees it; nobody else does. */
    private function mine(Practice $practice): void
    {
        abort_unless($practice->cook_key === Trainee::here()->key, 404);
    }

    private function page(Practice $practice, RunningPractice $running, string $fault = ''): View
    {
        $second = $running->played->standing->second();

        return view('pages.practice', [
            'page' => $this->panel($practice, $running, $fault),
            'trace' => PracticeJson::of($running->ahead($second), $running->exercise->plan),
        ]);
    }

    private function panel(Practice $practice, RunningPractice $running, string $fault): PracticePage
    {
        $advice = $practice->helped ? $running->advice() : null;
        $typed = [];
        foreach ($fault === '' ? [] : ['deed', 'grams', 'litres'] as $field) {
            $typed[$field] = request()->string($field)->toString();
        }

        return new PracticePage(Row::of($practice), $running->pot, $running->played, $advice, $fault, $typed);
    }

    /** @return array<string, mixed> */
    private function state(Practice $practice, RunningPractice $running, string $fault = ''): array
    {
        $second = $running->played->standing->second();
        // The panel alone, by the template that the page has it from.
        $panel = view('components.practice.panel', ['page' => $this->panel($practice, $running, $fault)]);

        return [
            'version' => $practice->version,
            'second' => $second,
            'over' => $running->isOver(),
            'said' => $fault,
            'panel' => $panel->render(),
            ...PracticeJson::of($running->ahead($second), $running->exercise->plan),
        ];
    }

    private function json(Taken $taken): JsonResponse
    {
        $running = $taken->running ?? RunningPractice::of($taken->practice, $this->kitchen);

        return response()->json($this->state($taken->practice, $running, $taken->why), $taken->status);
    }

    private function whole(Taken $taken): Response|RedirectResponse
    {
        return $taken->running !== null
            ? redirect()->route('practice.show', $taken->practice)
            : new Response(
                $this->page($taken->practice, RunningPractice::of($taken->practice, $this->kitchen), $taken->why)->render(),
                $taken->status,
            );
    }
}
