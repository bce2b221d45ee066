<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\EventWords;
use App\Kitchen\Kitchen;
use App\Log\LoggedPot;
use App\Log\LogSearch;
use App\Models\LogImport;
use App\Models\Pot;
use App\Pages\Log\BesidePage;
use App\Pages\Log\CoursePage;
use App\Pages\Log\LogPage;
use App\Pages\Log\PotEntry;
use App\People\Here;
use App\People\Place;
use App\Stove\EventReader;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Stove\PotWatch;

/** The pots that are over: found, read, held beside one another, and written on. */
final readonly class LogController
{
    private const IMPORTS = 20;

    private const ON_A_PAGE = 40;

    /** Others of the same sauce that are offered to be held beside. */
    private const OTHERS = 6;

    public function __construct(private Kitchen $kitchen) {}

    public function index(Request $request): View
    {
        $search = LogSearch::from($request->query());
        $page = $request->query('page');
        $found = $search->pots()->count();
        $last = max(1, (int) ceil($found / self::ON_A_PAGE));
        $number = min($last, max(1, is_string($page) && ctype_digit($page) ? (int) substr($page, 0, 6) : 1));
        $pots = $search->pots()->forPage($number, self::ON_A_PAGE)->get(LoggedPot::COLUMNS);

        return view('pages.log', [
            'page' => LogPage::of(
                array_values($pots->map(static fn(Pot $pot): PotEntry => new PotEntry(LoggedPot::of($pot)))->all()),
                $search,
                $found,
                $number,
                $last,
            ),
            'takes' => app(Here::class)->may(Place::Files),
            'imports' => app(Here::class)->may(Place::Files)
                ? array_values(LogImport::query()->withCount('pots')->latest('id')->limit(self::IMPORTS)->get()->all())
                : [],
        ]);
    }

    public function show(Pot $pot): View
    {
        $others = $pot->sauce === null
            ? []
            : Pot::query()
                ->where('sauce', $pot->sauce)
                ->whereNotNull('finished_at')
                ->whereKeyNot($pot->id)
                ->latest('finished_at')
                ->limit(self::OTHERS)
                ->get(LoggedPot::COLUMNS)
                ->map(static fn(Pot $other): PotEntry => new PotEntry(LoggedPot::of($other)))
                ->all();

        return view('pages.course', [
            'page' => $this->coursePage($pot),
            'pot' => $pot,
            'ending' => $pot->finished_at === null ? null : $pot->course()->ending(),
            'others' => array_values($others),
        ]);
    }

    /** Two pots of the same sauce. */
    public function beside(Pot $pot, Pot $other): View
    {
        return view('pages.beside', ['page' => BesidePage::of($this->coursePage($pot), $this->coursePage($other)), 'pot' => $pot]);
    }

    /** A note after the fact: an event like any other, at its own time. */
    public function note(Pot $pot, Request $request, RecordEvents $record): RedirectResponse
    {
        $event = (new EventReader(fn(): Kitchen => $this->kitchen))->read(
            [
                'kind' => 'note',
                'step' => (string) (count($pot->plan->steps) - 1),
                'token' => $request->post('token'),
                'text' => $request->post('text'),
            ],
            $pot->plan,
        );
        if (!($event instanceof Tap)) {
            return redirect(route('log.show', $pot) . '#note')
                ->withInput()
                ->withErrors([$event->field => $event->message()]);
        }
        $record($pot, [$event], CarbonImmutable::now());

        return redirect(route('log.show', $pot) . '#course');
    }

    private function coursePage(Pot $pot): CoursePage
    {
        $course = $pot->course();

        return CoursePage::of(
            new PotEntry(LoggedPot::of($pot)),
            $pot->plan,
            $course,
            EventWords::of($this->kitchen, $pot->plan),
            PotWatch::of($pot->plan, $course, CarbonImmutable::now()),
        );
    }
}
