<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use DateTimeImmutable;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Plan\Plan;
use Lento\Plan\RouxPlan;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Stove\PotWatch;
use Tests\Core\Course\Taps;

/** A pot of two litres and the taps that bring it to any of its steps, on a clock of its own. */
final readonly class StovePots
{
    private function __construct(public Sheet $sheet, public Plan $plan) {}

    public static function of(
        Base $base = Base::Veloute,
        ?Colour $colour = null,
        ?SimmerLevel $level = null,
        ?Duration $simmer = null,
        ?Question $question = null,
    ): self {
        $sheet = (new Composer())->answer(
            $question
                ?? Question::of(
                    $base,
                    Volume::ofLitres(2.0),
                    how: new How(new RouxWish($colour), new SimmerWish($simmer, $level)),
                    in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0))),
                ),
        );

        return new self($sheet, $sheet->plan());
    }

    public static function at(float $minutes): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-11-24 15:00:00 UTC'))->modify('+' . (int) round(60.0 * $minutes) . ' seconds');
    }

    /** @return int<0, max> */
    public function index(StepKind $kind): int
    {
        foreach ($this->sheet->steps() as $i => $step) {
            if ($step->kind === $kind) {
                return max(0, $i);
            }
        }

        throw new \RuntimeException('no step ' . $kind->value);
    }

    /** Minutes from the start until a step begins, when each takes what it should. */
    public function begins(StepKind $kind): float
    {
        return array_sum(
            array_map(
                static fn($step): float => $step->pace->time->inMinutes(),
                array_slice($this->sheet->steps(), 0, $this->index($kind)),
            ),
        );
    }

    /** @return list<Event> every step before one done in its time */
    public function until(StepKind $kind): array
    {
        [$events, $minutes] = [[], 0.0];
        foreach (array_slice($this->sheet->steps(), 0, $this->index($kind)) as $i => $step) {
            $minutes += $step->pace->time->inMinutes();
            $events[] = Taps::done($step->id, self::at($minutes), sprintf('done-%02d', $i));
        }

        return $events;
    }

    /** @param list<Event> $events */
    public function watch(array $events, float $minutes): PotWatch
    {
        return PotWatch::of($this->plan, Course::of($this->plan->steps, self::at(0.0), $events), self::at($minutes))
            ?? throw new \RuntimeException('nothing to watch');
    }

    public function rouxPlan(): RouxPlan
    {
        return $this->plan->cooking->roux ?? throw new \RuntimeException('no roux');
    }
}
