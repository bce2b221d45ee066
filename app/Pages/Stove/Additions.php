<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Degrees;
use App\Format\EventWords;
use App\Format\PourWords;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Finish\Finishing;
use Lento\Pour\Pour;
use Lento\Stove\PotWatch;

/** What goes in one by one and is ticked off: the pours with what they land at, or what finishes the sauce with its limits. */
final readonly class Additions
{
    private Sheet $sheet;

    private Course $course;

    public function __construct(private PotWatch $pot)
    {
        $this->sheet = $pot->sheet;
        $this->course = $pot->course;
    }

    /** @return list<array{amount: string, about: string, done: bool, next: bool}> those of the present step */
    public function ticks(): array
    {
        $kind = $this->course->step()->kind;
        $next = $this->course->nextPour();
        $abouts = $kind === StepKind::Enrich ? array_map($this->limit(...), $this->sheet->finishes) : array_map($this->landing(...), $this->sheet->stair->pours);

        return array_map(fn(string $amount, int $i): array => [
            'amount' => $amount,
            'about' => $abouts[$i] ?? '',
            'done' => in_array($i, $this->course->poured(), true),
            'next' => $i === $next,
        ], $this->amounts($kind), array_keys($this->amounts($kind)));
    }

    /** What the key says that ticks off the next one. */
    public function next(): string
    {
        return $this->taps($this->course->step()->kind)[$this->course->nextPour() ?? 0] ?? '';
    }

    /** @return list<string> what the key says at each of a step's additions */
    public function taps(StepKind $kind): array
    {
        return array_map(static fn(string $amount): string => Words::text($kind === StepKind::Enrich ? 'stove.stir_in_now' : 'stove.pour_now', amount: $amount), $this->amounts($kind));
    }

    /** Whether it is time for the next thing that goes in, by the last probe. */
    public function limitNow(): string
    {
        $next = $this->course->nextPour();
        $finishing = $next === null ? null : ($this->sheet->finishes[$next] ?? null);
        if ($finishing === null) {
            return '';
        }
        $probed = $this->pot->sauce?->reckoning->probed;
        $what = Words::ingredient($finishing->what->id);
        if ($probed === null) {
            return $finishing->atMost === null && $finishing->atLeast === null ? '' : Words::text('stove.limit.ask', what: $what);
        }
        $now = Degrees::text($probed);

        return match (true) {
            $finishing->atMost !== null && $probed->kelvin > $finishing->atMost->kelvin => Words::text('stove.limit.hot', now: $now, what: $what, limit: Degrees::text($finishing->atMost)),
            $finishing->atLeast !== null && $probed->kelvin < $finishing->atLeast->kelvin => Words::text('stove.limit.cold', now: $now, what: $what, limit: Degrees::text($finishing->atLeast)),
            default => Words::text('stove.limit.go', now: $now, what: $what),
        };
    }

    /** @return list<string> */
    private function amounts(StepKind $kind): array
    {
        return match ($kind) {
            StepKind::Pour => PourWords::amounts($this->sheet),
            StepKind::Enrich => array_map(fn(Finishing $finishing): string => EventWords::finish($finishing, $this->sheet), $this->sheet->finishes),
            default => [],
        };
    }

    private function landing(Pour $pour): string
    {
        return Words::text('stove.lands', celsius: Degrees::number($pour->mixed)) . ($pour->slack ? ', ' . Words::text('stove.slack') : '');
    }

    private function limit(Finishing $finishing): string
    {
        return implode(', ', [
            ...($finishing->atLeast === null ? [] : [Words::text('stove.over', celsius: Degrees::number($finishing->atLeast))]),
            $finishing->atMost === null ? Words::text('stove.may_boil') : Words::text('stove.under', celsius: Degrees::number($finishing->atMost)),
        ]);
    }
}
