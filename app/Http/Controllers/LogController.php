<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\EventWords;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Pages\CoursePage;
use App\Pages\LogPage;
use App\Stove\CurrentPot;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;

final readonly class LogController
{
    private const MOST = 200;

    public function index(): View
    {
        $pots = Pot::query()->whereNotNull('finished_at')->latest('finished_at')->limit(self::MOST)->get();

        return view('pages.log', ['page' => LogPage::of(array_values($pots->map(static fn(Pot $pot) => $pot->entry())->all()))]);
    }

    public function show(Pot $pot, Kitchen $kitchen, CurrentPot $current): View
    {
        $course = $pot->course();
        $watch = $current->watch($pot, CarbonImmutable::now());

        return view('pages.course', ['page' => CoursePage::of($pot->entry(), $course, EventWords::of($kitchen, $course->steps, $watch?->sheet), $watch), 'pot' => $pot, 'undo' => $pot->finished_at === null ? null : $course->undoable()]);
    }
}
