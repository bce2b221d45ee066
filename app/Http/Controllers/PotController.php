<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FreePotRequest;
use App\Http\Requests\StartPotRequest;
use App\Http\Responses\PageOrFragment;
use App\Http\TooMany;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Pages\Stove\FreePotPage;
use App\Pages\Stove\StovePage;
use App\People\Here;
use App\Questions\Answer;
use App\Records\Moment;
use App\Stove\PotsOn;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Lento\Course\SignsOfLife;
use Lento\Stove\PotWatch;

final readonly class PotController
{
    public function __construct(private Here $here) {}

    /** The pot that wants a hand next, or an empty stove. */
    public function index(PotsOn $potsOn): RedirectResponse|View
    {
        $next = $potsOn->tickets()[0] ?? null;

        return $next === null ? view('pages.stove-empty') : redirect()->route('pots.show', $next->potId);
    }

    public function store(StartPotRequest $request, StartPot $start, Kitchen $kitchen): RedirectResponse
    {
        TooMany::refuse('pots');
        $fields = $request->fields();
        $sheet = Answer::to($fields, $kitchen)->sheet;
        if ($sheet === null) {
            // The form only ever carries a question that was answered; anything else goes back to say what is wrong.
            return redirect()->route('compose', $fields->toAddress());
        }

        return redirect()->route(
            'pots.show',
            $start(
                $sheet->plan(),
                CarbonImmutable::now(),
                $fields->filled($kitchen)->toAddress(),
                $this->here->presence()->cook(),
                version: $request->version(),
                place: $this->ring($fields->toAddress()),
            ),
        );
    }

    /** Nothing composed: just log what is done. */
    public function free(FreePotRequest $request, StartPot $start): RedirectResponse
    {
        TooMany::refuse('pots');
        return redirect()->route('pots.show', $start->free($request->name(), CarbonImmutable::now(), $this->here->presence()->cook()));
    }

    public function show(Pot $pot, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        if ($pot->finished_at !== null) {
            return redirect()->route('log.show', $pot);
        }
        $course = $pot->course();
        $watch = PotWatch::of($pot->plan, $course, CarbonImmutable::now());

        $signs = SignsOfLife::lastAt(Moment::of($pot->touched_at_ms ?? Moment::ms($pot->started_at)));
        $asked = ['untouchedSince' => $signs->mayBeForgotten(CarbonImmutable::now()) ? $signs->last->format('j F, H:i') : ''];

        return $watch === null
            ? new PageOrFragment(
                'pages.free-pot',
                ['page' => FreePotPage::of($pot->id, $pot->name, $pot->plan, $course, $kitchen), ...$asked],
            )
            : new PageOrFragment('pages.stove', ['page' => StovePage::of($pot->id, $pot->name, $watch, $kitchen), ...$asked]);
    }

    /** @param array<string, string> $question */
    private function ring(array $question): string
    {
        $hob = $question['hob'] ?? '';

        return $hob === '' ? '' : 'ring-' . $hob;
    }
}
