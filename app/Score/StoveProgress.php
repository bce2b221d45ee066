<?php

declare(strict_types=1);

namespace App\Score;

use App\Models\Pot;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Happened\ReadOff;
use Lento\Plan\StepKind;
use Lento\Score\Arrangement;
use Lento\Score\Begun;
use Lento\Score\Instance;
use Lento\Score\Task;
use Lento\Stove\PotWatch;

/** How far the pots of a service are, in the tasks of its score. */
final readonly class StoveProgress
{
    /**
     * @param list<Begun> $begun
     * @param array<string, string> $rings where each pot stands, by its stay on a ring
     */
    private function __construct(public array $begun, public array $rings) {}

    /** @param array<string, Pot> $pots those of the service that are on or were, by the key of their sauce */
    public static function of(array $pots, Arrangement $arrangement, ServiceDay $day, CarbonImmutable $now): self
    {
        $begun = $rings = [];
        foreach ($pots as $key => $pot) {
            $course = $pot->course();
            $steps = [];
            foreach ($pot->plan->steps as $k => $step) {
                $steps[$step->id] = $k;
            }
            foreach ($arrangement->tasks as $task) {
                if ($task->sauce === $key) {
                    $places = array_values(array_intersect_key($steps, array_flip($arrangement->steps[$task->id] ?? [])));
                    $begun[] = self::task($task, $places, $pot, $course, $day, $now);
                }
            }
            $rings += array_fill_keys([$key . ':ring', $key . ':ring-2'], $course->place);
        }

        return new self(array_values(array_filter($begun)), $rings);
    }

    /** Whether everything that is served has come off its stove. */
    public function isOver(Instance $instance): bool
    {
        $done = [];
        foreach ($this->begun as $one) {
            $done[$one->task] = $one->done;
        }
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service !== null && !($done[$sauce->last] ?? false)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<int> $places of its steps in the pot's plan; none of what the stove knows nothing of */
    private static function task(Task $task, array $places, Pot $pot, Course $course, ServiceDay $day, CarbonImmutable $now): ?Begun
    {
        if ($places === []) {
            // What was in the cold was heated before the pot was put on; a pan is washed when it is.
            return str_contains($task->id, '/reheat') ? new Begun($task->id, $day->at($pot->started_at), 1, true) : null;
        }
        $cook = $course->cook === '' ? null : $course->cook;
        $from = self::firstFrom($course, min($places));
        $until = self::firstFrom($course, max($places) + 1) ?? $pot->finished_at;
        if ($from === null) {
            return $pot->finished_at === null ? null : new Begun($task->id, $day->at($pot->finished_at), 1, true, $cook);
        }
        $start = $day->at($from);
        if ($until !== null) {
            return new Begun($task->id, $start, max(1, $day->at($until) - $start), true, $cook);
        }

        return new Begun($task->id, $start, max(1, $day->at($now) - $start + self::left($places, $pot, $course, $now)), false, $cook);
    }

    /** When a step, or one after it, was first come to. */
    private static function firstFrom(Course $course, int $place): ?DateTimeImmutable
    {
        $first = null;
        foreach ($course->visits as $visit) {
            $first = $visit->step >= $place && ($first === null || $visit->from < $first) ? $visit->from : $first;
        }

        return $first;
    }

    /**
     * Minutes that what is on still takes: by what its readings foretell, by the step's timer, or by its pace; and what comes after it in
     * the same go.
     *
     * @param list<int> $places
     */
    private static function left(array $places, Pot $pot, Course $course, CarbonImmutable $now): int
    {
        $current = $course->visits[count($course->visits) - 1]->step;
        $ends = $course->timerEnds()?->getTimestamp() ?? $course->since()->getTimestamp() + (int) $course->step()->pace->time->seconds;
        $seconds = self::foretold($pot, $course, $now) ?? max(0, $ends - $now->getTimestamp());
        foreach ($places as $place) {
            $seconds += $place > $current ? (int) $course->steps[$place]->pace->time->seconds : 0;
        }

        return max(1, (int) ceil($seconds / 60));
    }

    /** Seconds to its colour, or to the boil, by what was read of it; null where nothing was. */
    private static function foretold(Pot $pot, Course $course, CarbonImmutable $now): ?int
    {
        $kind = $course->step()->kind;
        $read = array_filter($course->all(ReadOff::class), static fn(ReadOff $one): bool => $one->at >= $course->since());
        if ($read === [] || !in_array($kind, [StepKind::Colour, StepKind::Boil], true)) {
            return null;
        }
        $watch = PotWatch::of($pot->plan, $course, $now);
        if ($kind === StepKind::Colour) {
            $arrives = $watch?->roux?->curve->arrives;

            return $arrives === null ? null : (int) (60.0 * $arrives->likely);
        }
        $sauce = $watch?->sauce;
        $probed = $sauce?->reckoning->probed;
        $boils = $sauce === null || $probed === null ? null : $sauce->toTheBoil($probed);

        return $boils === null ? null : (int) $boils->seconds;
    }
}
