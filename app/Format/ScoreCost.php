<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Score\Difference;
use Lento\Score\Instance;

/** What a change of a plan costs, in words: "béchamel 6 min longer on hold". */
final readonly class ScoreCost
{
    /** More would not be read. */
    private const SHOWN = 5;

    /** @return list<string> dearest first; one that says so where it costs nothing */
    public static function words(Difference $cost, Instance $instance): array
    {
        $says = [];
        if ($cost->clashes !== 0) {
            $says[] = trans_choice(
                $cost->clashes > 0 ? 'score.cost.clashes' : 'score.cost.clashes_less',
                abs($cost->clashes),
                ['count' => abs($cost->clashes)],
            );
        }
        foreach (['late' => $cost->late, 'served' => $cost->served, 'kept' => $cost->kept] as $what => $figures) {
            foreach ($figures as $sauce => $minutes) {
                // That one is less late for being served later goes without saying.
                if ($what !== 'served' && isset($cost->served[$sauce])) {
                    continue;
                }
                $says[] = Words::text(
                    'score.cost.' . $what . ($minutes < 0 ? '_less' : ''),
                    sauce: self::name($sauce, $instance),
                    minutes: (string) abs($minutes),
                );
            }
        }
        if ($cost->sooner !== 0) {
            $way = $cost->sooner > 0 ? 'score.cost.sooner' : 'score.cost.sooner_less';
            $says[] = Words::text($way, minutes: (string) abs($cost->sooner));
        }
        $moved = count($cost->moved);
        if ($moved > 0) {
            $says[] = trans_choice('score.cost.moved', $moved, ['count' => $moved]);
        }

        $more = count($says) - self::SHOWN;
        $says = $more < 2 ? $says : [...array_slice($says, 0, self::SHOWN), Words::text('score.cost.more', count: (string) $more)];

        return $says === [] ? [Words::text('score.cost.nothing')] : $says;
    }

    private static function name(string $sauce, Instance $instance): string
    {
        foreach ($instance->work->sauces as $one) {
            if ($one->id === $sauce) {
                return $one->name;
            }
        }

        return $sauce;
    }
}
