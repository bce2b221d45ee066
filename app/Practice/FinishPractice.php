<?php

declare(strict_types=1);

namespace App\Practice;

use App\Kitchen\Kitchen;
use App\Models\Practice;
use Carbon\CarbonImmutable;
use Lento\Practice\Blame;
use Lento\Practice\LossKind;

/** A practice pot is over: what came out and why is written down once, for the cook and for whoever has set it. */
final readonly class FinishPractice
{
    public function __construct(private Kitchen $kitchen) {}

    public function __invoke(Practice $practice): void
    {
        if ($practice->finished_at !== null) {
            return;
        }
        $talk = $this->debrief($practice);
        [$running, $outcome, $causes] = [$talk->running, $talk->debrief->outcome, $talk->debrief->causes];
        $practice->update([
            'finished_at' => CarbonImmutable::now(),
            'outcome' => [
                'is_it' => $running->isOver() && $outcome->isIt(),
                'finished' => $running->isOver(),
                'faults' => round($outcome->faults(), 2),
                'lost' => array_map(static fn(LossKind $kind): string => $kind->value, $outcome->worst()),
                'causes' => array_map(static fn(Blame $blame): string => $blame->cause->value, array_slice($causes, 0, 3)),
                'class' => $outcome->thickness->thicknessClass()->value,
            ],
        ]);
    }

    public function debrief(Practice $practice): Talk
    {
        $running = RunningPractice::of($practice, $this->kitchen);

        return new Talk($running, Snapshots::debrief($practice, $running));
    }
}
