<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;

/**
 * A pot from cold fat to strained sauce, under a list of timed actions. Same input, same output, to the last digit.
 *
 * Steps of one second; actions fall on full seconds. Nothing is random, and no clock is read.
 */
final readonly class Simulation
{
    public const LONGEST_HOURS = 24.0;

    public const MOST_ACTIONS = 500;

    /** s between two points of the trace, unless asked otherwise. */
    private const USUAL_POINTS = 30.0;

    private function __construct(private HeatedPan $vessel) {}

    public static function in(HeatedPan $vessel): self
    {
        return new self($vessel);
    }

    /**
     * @param list<Action> $actions in any order; those of the same second in the order given
     * @param Duration|null $points between two points of the trace, at least a second
     *
     * @throws OutOfRange if it lasts longer than a day, there are more than 500 actions, or one lies beyond the end
     */
    public function run(array $actions, Duration $until, ?Duration $points = null): Trace
    {
        $end = $this->seconds('simulation-end', $until, self::LONGEST_HOURS * 3600.0);
        $every = max(
            1,
            $this->seconds('simulation-points', $points ?? Duration::ofSeconds(self::USUAL_POINTS), self::LONGEST_HOURS * 3600.0),
        );
        $queue = $this->queue($actions, $end);
        $hands = new Hands($this->vessel);
        $watch = new Watch($this->vessel);
        [$paste, $sauce] = [new PasteInPan($this->vessel), new SauceInPan($this->vessel)];
        [$state, $setting, $now, $seen, $troubles] = [PotState::emptyPan(PanHeat::AMBIENT), Setting::cold(), 0, [], []];
        while (true) {
            while ($queue !== [] && $queue[0][0] <= $now) {
                [, $action] = array_shift($queue);
                [$state, $setting, $told] = $hands->do($action, $state, $setting);
                $troubles = $this->noted($troubles, $told, $now);
            }
            $seen[] = $watch->see($state, $setting, $now);
            $troubles = $this->noted(
                $troubles,
                array_map(static fn(Mishap $trouble): array => [$trouble, ''], $watch->troubles($state, $setting)),
                $now,
            );
            if ($now >= $end) {
                return new Trace($seen, array_values($troubles), $state);
            }
            $next = min($end, $queue[0][0] ?? $end, (intdiv($now, $every) + 1) * $every);
            $state = $state->paste !== null
                ? $paste->after($state, $state->paste, $setting, $next - $now)
                : $sauce->after($state, $setting, $next - $now);
            $now = $next;
        }
    }

    /**
     * @param array<string, Happening> $troubles
     * @param list<array{Mishap, string}> $told
     *
     * @return array<string, Happening>
     */
    private function noted(array $troubles, array $told, int $now): array
    {
        foreach ($told as [$trouble, $about]) {
            $troubles[$trouble->value . $about] ??= new Happening(Duration::ofSeconds((float) $now), $trouble, $about);
        }

        return $troubles;
    }

    /**
     * @param list<Action> $actions
     *
     * @return list<array{int, Action}>
     */
    private function queue(array $actions, int $end): array
    {
        if (count($actions) > self::MOST_ACTIONS) {
            throw OutOfRange::between('number-of-actions', count($actions), 0, self::MOST_ACTIONS, '');
        }
        $queue = array_map(
            fn(Action $action): array => [$this->seconds('time-of-an-action', $action->at, (float) $end), $action],
            $actions,
        );
        // PHP's sort is stable: what is done in the same second stays in its order.
        usort($queue, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $queue;
    }

    private function seconds(string $what, Duration $time, float $most): int
    {
        if ($time->seconds > $most + 0.5) {
            throw OutOfRange::between($what, $time->inMinutes(), 0.0, $most / 60.0, 'min');
        }

        return (int) round($time->seconds);
    }
}
