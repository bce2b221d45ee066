<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Degrees;
use App\Format\Grams;
use App\Format\PourWords;
use App\Format\Words;
use Lento\Course\Course;
use Lento\Plan\Addition;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Stove\PotWatch;

/** What goes in one by one and is ticked off: the pours with what they land at, or what finishes the sauce with its limits. */
final readonly class TickList
{
    private Course $course;

    public function __construct(private PotWatch $pot)
    {
        $this->course = $pot->course;
    }

    /** @return list<array{id: string, amount: string, about: string, done: bool, next: bool}> those of the present step */
    public function ticks(): array
    {
        $step = $this->course->step();
        $next = $this->course->nextAddition();
        $amounts = PourWords::amounts($step);

        return array_map(fn(Addition $addition, int $i): array => [
            'id' => $addition->id,
            'amount' => $amounts[$i] ?? '',
            'about' => $step->kind === StepKind::Pour ? self::landing($addition) : self::limit($addition),
            'done' => in_array($addition->id, $this->course->poured(), true),
            'next' => $addition->id === $next?->id,
        ], $step->additions, array_keys($step->additions));
    }

    /** What the key says that ticks off the next one. */
    public function next(): string
    {
        $next = $this->course->nextAddition();
        foreach ($this->taps($this->course->step()) as $tap) {
            if ($tap['id'] === $next?->id) {
                return $tap['says'];
            }
        }

        return '';
    }

    /** @return list<array{id: string, says: string}> what the key says at each of a step's additions */
    public function taps(Step $step): array
    {
        if ($step->kind === StepKind::Season) {
            return $this->helpings($step);
        }
        $key = $step->kind === StepKind::Pour ? 'stove.pour_now' : 'stove.stir_in_now';

        return array_map(
            static fn(Addition $addition, string $amount): array => ['id' => $addition->id, 'says' => Words::text($key, amount: $amount)],
            $step->additions,
            PourWords::amounts($step),
        );
    }

    /** @return list<array{id: string, says: string}> the salt by two helpings, for what is in the pot now */
    private function helpings(Step $step): array
    {
        $share = Seasoning::share($this->pot);

        return array_map(static fn(Addition $addition, int $i): array => [
            'id' => $addition->id,
            'says' => Words::text(
                $i === 0 ? 'stove.season.first' : 'stove.season.rest',
                amount: Grams::of($addition->amount->times($share)->mass)->text(),
            ),
        ], $step->additions, array_keys($step->additions));
    }

    /** Whether it is time for the next thing that goes in, by the last probe. */
    public function limitNow(): string
    {
        $next = $this->course->nextAddition();
        if ($next === null) {
            return '';
        }
        $probed = $this->pot->sauce?->reckoning->probed;
        $what = Words::ingredient($next->amount->ingredient);
        if ($probed === null) {
            return $next->bounds->isEmpty() ? '' : Words::text('stove.limit.ask', what: $what);
        }
        $now = Degrees::text($probed);

        return match (true) {
            $next->bounds->atMost !== null && $next->bounds->tooHot($probed) => Words::text(
                'stove.limit.hot',
                now: $now,
                what: $what,
                limit: Degrees::text($next->bounds->atMost),
            ),
            $next->bounds->atLeast !== null && $next->bounds->tooCold($probed) => Words::text(
                'stove.limit.cold',
                now: $now,
                what: $what,
                limit: Degrees::text($next->bounds->atLeast),
            ),
            default => Words::text('stove.limit.go', now: $now, what: $what),
        };
    }

    private static function landing(Addition $pour): string
    {
        return $pour->lands === null
            ? ''
            : Words::text('stove.lands', celsius: Degrees::number($pour->lands)) . ($pour->slack ? ', ' . Words::text('stove.slack') : '');
    }

    private static function limit(Addition $addition): string
    {
        return implode(', ', [
            ...$addition->bounds->atLeast === null ? [] : [Words::text('stove.over', celsius: Degrees::number($addition->bounds->atLeast))],
            $addition->bounds->atMost === null
                ? Words::text('stove.may_boil')
                : Words::text('stove.under', celsius: Degrees::number($addition->bounds->atMost)),
        ]);
    }
}
