<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\EventWords;
use App\Kitchen\Kitchen;
use App\Log\LogSearch;
use App\Models\Pot;
use App\Pages\BesidePage;
use App\Pages\CoursePage;
use App\Pages\LogPage;
use App\Pages\PotEntry;
use App\Stove\CurrentPot;
use App\Stove\EventReader;
use App\Stove\RecordEvents;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The pots that are over: found, read, held beside one another, and written on. */
final readonly class LogController
{
    private const ON_A_PAGE = 40;

    /** Others of the same sauce that are offered to be held beside. */
    private const OTHERS = 6;

    public function __construct(private Kitchen $kitchen, private CurrentPot $current) {}

    public function index(Request $request): View
    {
        $search = LogSearch::from($request->query());
        $page = $request->query('page');
        $found = $search->pots()->count();
        $last = max(1, (int) ceil($found / self::ON_A_PAGE));
        $number = min($last, max(1, is_string($page) && ctype_digit($page) ? (int) substr($page, 0, 6) : 1));
        $pots = $search->pots()->forPage($number, self::ON_A_PAGE)->get(['id', 'name', 'base', 'started_at', 'finished_at', 'cook', 'plan', 'outcome']);

        return view('pages.log', ['page' => LogPage::of(array_values($pots->map(static fn(Pot $pot): PotEntry => $pot->entry())->all()), $search, $found, $number, $last)]);
    }

    public function show(Pot $pot): View
    {
        $others = $pot->base === null ? [] : Pot::query()->where('base', $pot->base)->whereNotNull('finished_at')->whereKeyNot($pot->id)->latest('finished_at')->limit(self::OTHERS)
            ->get(['id', 'name', 'base', 'started_at', 'finished_at', 'cook', 'plan', 'outcome'])->map(static fn(Pot $other): PotEntry => $other->entry())->all();

        return view('pages.course', ['page' => $this->coursePage($pot), 'pot' => $pot, 'ending' => $pot->finished_at === null ? null : $pot->course()->ending(), 'others' => array_values($others)]);
    }

    /** Two pots of the same sauce. */
    public function beside(Pot $pot, Pot $other): View
    {
        return view('pages.beside', ['page' => BesidePage::of($this->coursePage($pot), $this->coursePage($other)), 'pot' => $pot]);
    }

    /** A note after the fact: an event like any other, at its own time. */
    public function note(Pot $pot, Request $request, RecordEvents $record): RedirectResponse
    {
        $event = (new EventReader($this->kitchen))->read(['kind' => 'note', 'step' => (string) (count($pot->steps) - 1), 'token' => $request->post('token'), 'text' => $request->post('text')]);
        if (!$event instanceof StoredEvent) {
            return redirect(route('log.show', $pot) . '#note')->withInput()->withErrors([$event->field => $event->message()]);
        }
        $record($pot, [$event], CarbonImmutable::now());

        return redirect(route('log.show', $pot) . '#course');
    }

    private function coursePage(Pot $pot): CoursePage
    {
        $course = $pot->course();
        $watch = $this->current->watch($pot, CarbonImmutable::now());

        return CoursePage::of($pot->entry(), $course, EventWords::of($this->kitchen, $course->steps, $watch?->sheet, array_map(static fn(array $line): array => $line['ticks'], $pot->plan['lines'] ?? [])), $watch);
    }
}
