<?php

declare(strict_types=1);

namespace Lento\Practice;

/** A pot talked over: what it lost, why, and from which moment on the best hands could not have helped. */
final readonly class Debrief
{
    /** Moments from which the best is looked for, at most. */
    private const MOMENTS = 14;

    /** Faults by which the best that can be must grow to be a moment of loss. */
    private const LOST = 0.25;

    /**
     * @param list<Blame> $causes the one that mends most first
     * @param list<array{int, float}> $best s, and the faults that the best hands could not have helped from there on
     * @param int|null $began s at which most was lost for good; null where nothing was
     */
    private function __construct(public Outcome $outcome, public array $causes, public array $best, public ?int $began) {}

    public static function of(Exercise $exercise, Played $played): self
    {
        $outcome = Outcome::of($exercise, $played->standing);
        $causes = Causes::of($exercise, $played, $outcome);
        $best = self::best($exercise, $played);

        return new self($outcome, $causes, $best, self::began($best));
    }

    public function first(): ?Blame
    {
        return $this->causes[0] ?? null;
    }

    /** @return list<array{int, float}> */
    private static function best(Exercise $exercise, Played $played): array
    {
        $pot = new PracticePot($exercise);
        $cook = new CarefulCook($pot);
        $begins = array_values(array_filter(
            $played->begins,
            static fn(Standing $begin): bool => ($step = $exercise->step($begin->step)) !== null && $exercise->isStood($step),
        ));
        $every = max(1, (int) ceil(count($begins) / self::MOMENTS));
        $best = [];
        foreach ($begins as $i => $begin) {
            if ($i % $every !== 0) {
                continue;
            }
            $finished = $cook->finishes(Played::from($begin));
            if ($finished !== null) {
                $best[] = [$begin->second(), Outcome::of($exercise, $finished->standing)->faults()];
            }
        }
        $best[] = [$played->standing->second(), Outcome::of($exercise, $played->standing)->faults()];

        return $best;
    }

    /** @param list<array{int, float}> $best */
    private static function began(array $best): ?int
    {
        [$at, $most] = [null, self::LOST];
        foreach ($best as $i => [, $faults]) {
            $grew = $i === 0 ? 0.0 : $faults - $best[$i - 1][1];
            if ($grew > $most) {
                [$at, $most] = [$best[$i - 1][0], $grew];
            }
        }

        return $at;
    }
}
