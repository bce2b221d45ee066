<?php

declare(strict_types=1);

namespace Lento\Score;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A plan played a hundred times, each task taking as long as chance has it within its band.
 *
 * Nobody begins before the plan says; whoever is held up begins as soon as what comes before is done, the cook is free and the ring is. So
 * a minute lost goes on to whatever waits for it, and no further.
 */
final readonly class Evenings
{
    /** Standard deviations to either end of a band that holds eight in ten (normal distribution, 90th percentile). */
    private const TENTH = 1.2816;

    /** No task takes less than this share of what is likely. */
    private const LEAST = 0.4;

    private const STEPS = 1_000_000;

    /**
     * @param array<string, int> $late in how many evenings each sauce was late, by its id
     * @param array<string, float> $minutes by how much it was late then, on average
     * @param string|null $helps the task of which a minute less would save most; null where nothing was late
     */
    private function __construct(public int $count, public array $late, public array $minutes, public ?string $helps) {}

    public static function of(Instance $instance, Solution $solution, int $count = 100, int $seed = 1): self
    {
        $play = Play::of($instance, $solution);
        $dice = new Randomizer(new Mt19937($seed));
        $late = $minutes = $blame = [];
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $late[$sauce->id] = 0;
                $minutes[$sauce->id] = 0.0;
            }
        }
        for ($evening = 0; $evening < $count; $evening++) {
            $long = [];
            foreach ($instance->work->tasks as $task) {
                $long[$task->id] = $task->isFixed() && $task->isDone() ? $task->minutes->likely : self::drawn($task->minutes, $dice);
            }
            $played = $play->with($long);
            foreach ($instance->work->sauces as $sauce) {
                $over = $sauce->service === null ? 0.0 : $played->ends[$sauce->last] - $sauce->service->at;
                if ($over > 0.0) {
                    $late[$sauce->id]++;
                    $minutes[$sauce->id] += $over;
                    foreach ($played->behind($sauce->last) as $task) {
                        $blame[$task] = ($blame[$task] ?? 0) + 1;
                    }
                }
            }
        }
        foreach ($minutes as $sauce => $sum) {
            $minutes[$sauce] = $late[$sauce] === 0 ? 0.0 : $sum / $late[$sauce];
        }
        arsort($blame);

        return new self($count, $late, $minutes, array_key_first($blame));
    }

    /** Longer than likely as often as shorter, and beyond either end of its band one time in ten. */
    private static function drawn(Band $band, Randomizer $dice): float
    {
        $u = ($dice->getInt(1, self::STEPS) - 0.5) / self::STEPS;
        $v = ($dice->getInt(1, self::STEPS) - 0.5) / self::STEPS;
        // Box and Muller, 1958.
        $z = sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $v);
        $side = $z < 0.0 ? $band->likely - $band->low : $band->high - $band->likely;

        return max(self::LEAST * $band->likely, $band->likely + $z * $side / self::TENTH);
    }
}
