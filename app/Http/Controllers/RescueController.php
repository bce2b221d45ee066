<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\SauceNames;
use App\Http\HeldSince;
use App\Kitchen\Kitchen;
use App\Pages\Compose\FreshSheet;
use App\Pages\Rescue\RescuePage;
use App\Stove\InTrouble;
use App\Stove\Mark;
use App\Stove\PotsOn;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use App\Typed\FieldFault;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Lento\Course\EventKind;
use Lento\Course\Happened\MoreTime;
use Lento\Course\Happened\Rescued;
use Lento\Course\Stamp;
use Lento\Quantity\Duration;
use Lento\Rescue\Fault;
use Lento\Rescue\RemedyKind;

/** From what the cook sees to an amount, for a pot of this stove or somebody's. */
final readonly class RescueController
{
    public function __construct(private Kitchen $kitchen) {}

    /** What is wrong? Or, where nobody has said: with which pot? */
    public function index(Request $request, PotsOn $potsOn): View|Response
    {
        $trouble = InTrouble::from($request->query->all(), $this->kitchen);

        return response()->view(
            'pages.rescue',
            ['trouble' => $trouble, 'tickets' => $potsOn->tickets(), 'derivatives' => (new SauceNames($this->kitchen))->derivatives()],
            $trouble->faults === [] ? 200 : 422,
        );
    }

    public function show(Fault $fault, Request $request): View|RedirectResponse
    {
        $trouble = InTrouble::from($request->query->all(), $this->kitchen);
        if ($trouble->patient === null) {
            return redirect()->route('rescue', $trouble->query);
        }

        $page = RescuePage::of($fault, $trouble->patient, $trouble, $request->integer('n'));

        return view('pages.rescue-remedy', [
            'page' => $page,
            'fresh' => $page->isLost() ? FreshSheet::for($trouble, $this->kitchen, CarbonImmutable::now()) : null,
        ]);
    }

    /** It is done: with the amounts as they are worked out now, for this pot. */
    public function store(Fault $fault, Request $request, RecordEvents $record): RedirectResponse
    {
        $trouble = InTrouble::from(['pot' => $request->post('pot'), 'severity' => $request->post('severity')], $this->kitchen);
        if ($trouble->pot === null || $trouble->patient === null) {
            return redirect()->route('rescue');
        }
        $remedy = RescuePage::of($fault, $trouble->patient, $trouble, $request->integer('n'))->remedy();
        $token = $request->string('token')->limit(60, '')->toString();
        $token = $token === '' || str_starts_with($token, Mark::DEVICE) ? (string) Str::uuid() : $token;
        // Sent again it is done already, though the amounts would be others now; for anything else the mark is taken.
        $kept = $trouble->pot->events()->where('token', $token)->first();
        if ($kept !== null) {
            return $kept->kind === EventKind::Rescued->value
                ? redirect()->route('pots.show', $trouble->pot)
                : redirect()
                    ->route('rescue.show', [$fault, 'pot' => $trouble->pot->id])
                    ->withErrors(['limit' => FieldFault::of('token', 'mark_taken')->message()]);
        }
        $step = $trouble->pot->course()->step()->id;
        $now = CarbonImmutable::now();
        $at = HeldSince::at($request, $now);
        $times
            = in_array($remedy->kind, [RemedyKind::Reduce, RemedyKind::CookOut, RemedyKind::Boil], true) && $remedy->time->seconds >= 1.0;
        $record(
            $trouble->pot,
            [
                Tap::made(Rescued::by(Stamp::of($token, $step, $at), $fault, $remedy), now: !HeldSince::was($request)),
                // What takes its time gets its time, at the step the pot is at.
                ...$times
                    ? [
                        Tap::made(
                            new MoreTime(
                                Stamp::of($token . '-t', $step, $at),
                                Duration::ofSeconds(min(MoreTime::MOST_SECONDS, round($remedy->time->seconds))),
                            ),
                            now: !HeldSince::was($request),
                        ),
                    ]
                    : [],
            ],
            $now,
        );

        return redirect()->route('pots.show', $trouble->pot);
    }
}
