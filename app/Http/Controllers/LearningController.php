<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\Station;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Pages\Kitchen\LearningPage;
use App\Records\LessonCodec;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What the kitchen has learnt from its pots, and which of them are left out. */
final readonly class LearningController
{
    private const SHOWN = 60;

    public function show(Kitchen $kitchen): View
    {
        $pots = [];
        foreach (
            Pot::query()
                ->whereNotNull('lesson')
                ->teaching()
                ->latest('finished_at')
                ->limit(self::SHOWN)
                ->get(['id', 'name', 'finished_at', 'lesson', 'left_out']) as $pot
        ) {
            $lesson = LessonCodec::ofRow($pot->lesson ?? []);
            if ($lesson !== null) {
                $pots[] = [
                    'id' => $pot->id,
                    'name' => $pot->name,
                    'date' => $pot->finished_at?->format('j F, H:i') ?? '',
                    'lesson' => $lesson,
                    'left_out' => $pot->left_out,
                ];
            }
        }

        return view('pages.learning', [
            'page' => LearningPage::of(
                $kitchen->learns(),
                $kitchen->notebook(),
                $pots,
                array_map(static fn(Station $place): string => $place->name, Station::all($kitchen)),
            ),
        ]);
    }

    /** Left out, or taken in again. */
    public function update(Pot $pot): RedirectResponse
    {
        $pot->update(['left_out' => !$pot->left_out]);

        return redirect(route('learning') . '#pots');
    }
}
