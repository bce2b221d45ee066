<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\Happened\HeatSet;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Exception\NotReachable;
use Lento\Forecast\Spread;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Plan\Place;
use Lento\Plan\RouxPlan;
use Lento\Plan\StepKind;
use Lento\Quantity\Duration;
use Lento\Roux\HobRoux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;

/**
 * A roux on the hob while one stands at it: reckoned from the flour on, set right by every colour and probe that was read.
 *
 * A colour is what is, not what was foreseen: the reckoning goes on from it, and this pot's browning speed with it.
 */
final readonly class RouxWatch
{
    /** s between two points of a curve. */
    private const POINTS = 15.0;

    /** min beyond which nobody waits for a colour. */
    private const LONGEST = 120.0;

    private function __construct(
        public RouxState $now,
        public Shade $lifts,
        public KitchenFactors $kitchen,
        public HobHeat $heat,
        public Trend $curve,
    ) {}

    /** Null where there is no roux on the hob to watch: baked, ready made, or its flour not in yet. */
    public static function of(RouxPlan $plan, Place $place, Course $course, DateTimeImmutable $now): ?self
    {
        $begun = $course->firstBegun(StepKind::Flour);
        $forecast = $plan->lifted;
        if ($begun === null || $forecast === null || !$plan->watched) {
            return null;
        }
        $until = min($now, $course->firstBegun(StepKind::LetDown, StepKind::Pour) ?? $now);
        $seconds = static fn(DateTimeImmutable $at): float => Moments::between($begun, $at);
        try {
            $start = $plan->onHob($place, $plan->heat, $place->kitchen->browning->value)->after(Duration::ofSeconds(0.0));
            [$state, $kitchen, $heat, $gone, $read] = self::followed(
                $plan,
                $place,
                self::readings($course, $until),
                $start,
                $seconds,
                $seconds($until),
            );
        } catch (NotReachable) {
            return null;
        }
        $lifts = $forecast->shade;
        $ahead = self::ahead($plan, $place, $state, $heat, $kitchen, $lifts);
        $end = $ahead[count($ahead) - 1];
        $arrives = $state->shade->value >= $lifts->value || $end->value < $lifts->value - 1e-3
            ? null
            : (new Spread($kitchen))
                ->minutes(max(1e-9, $end->at->inMinutes()), $lifts, $heat)
                ->scaledTo(max(0.0, $end->at->inMinutes() - $state->time->inMinutes()));

        return new self(
            $state,
            $lifts,
            $kitchen,
            $heat,
            new Trend(self::planned($plan, $place, $start, $forecast), $gone, $read, $ahead, $lifts->value, $arrives),
        );
    }

    /** As it will be in the sauce, when its pan has carried it on. */
    public function ends(RouxPlan $plan): Shade
    {
        $carried = max(0.0, $plan->ends->dose() - $this->lifts->dose());

        return Shade::afterDose($this->now->dose + $carried);
    }

    /**
     * @param list<Event> $events
     * @param callable(DateTimeImmutable): float $seconds since the flour
     *
     * @return array{RouxState, KitchenFactors, HobHeat, list<Point>, list<Point>}
     */
    private static function followed(RouxPlan $plan, Place $place, array $events, RouxState $state, callable $seconds, float $until): array
    {
        [$kitchen, $heat] = [$place->kitchen, $plan->heat];
        $house = $state;
        [$gone, $read] = [[new Point(Duration::ofSeconds(0.0), 0.0)], []];
        foreach ($events as $event) {
            $at = max($state->time->seconds, $seconds($event->at));
            [$state, $points] = self::going($plan->onHob($place, $heat, $kitchen->browning->value), $state, $at);
            $house = $plan->onHob($place, $heat, 1.0)->onward($house, Duration::ofSeconds($at - $house->time->seconds));
            $gone = [...$gone, ...$points];
            if ($event instanceof HeatSet && $event->heat instanceof HobHeat) {
                $heat = $event->heat;
            } elseif ($event instanceof ReadOff && $event->reading->kind === ReadingKind::Temperature) {
                $state = $state->heatedTo($event->reading->asTemperature());
                $house = $house->heatedTo($event->reading->asTemperature());
            } elseif ($event instanceof ReadOff && $event->reading->kind === ReadingKind::Colour) {
                $seen = $event->reading->asShade();
                $kitchen = $kitchen->afterColour($seen, $house->shade, $event->reading->error);
                $state = $state->colouredTo($seen);
                $read[] = new Point(Duration::ofSeconds($at), $seen->value);
                $gone[] = new Point(Duration::ofSeconds($at), $seen->value);
            }
        }
        [$state, $points] = self::going($plan->onHob($place, $heat, $kitchen->browning->value), $state, max($until, $state->time->seconds));

        return [$state, $kitchen, $heat, [...$gone, ...$points], $read];
    }

    /** @return list<Event> what bears on a roux, up to a moment */
    private static function readings(Course $course, DateTimeImmutable $until): array
    {
        return array_values(array_filter($course->events, static fn(Event $event): bool => $event->at <= $until && self::bears($event)));
    }

    /** @return array{RouxState, list<Point>} on to a time since the flour */
    private static function going(HobRoux $hob, RouxState $state, float $until): array
    {
        $points = [];
        while ($state->time->seconds < $until - 0.5) {
            $state = $hob->onward($state, Duration::ofSeconds(min(self::POINTS, $until - $state->time->seconds)));
            $points[] = new Point($state->time, $state->shade->value);
        }

        return [$state, $points];
    }

    /** @return non-empty-list<Point> until it is time to lift it */
    private static function ahead(
        RouxPlan $plan,
        Place $place,
        RouxState $state,
        HobHeat $heat,
        KitchenFactors $kitchen,
        Shade $lifts,
    ): array {
        $hob = $plan->onHob($place, $heat, $kitchen->browning->value);
        $points = [new Point($state->time, $state->shade->value)];
        $end = $state->time->seconds + self::LONGEST * 60.0;
        while ($state->shade->value < $lifts->value && $state->time->seconds < $end) {
            // A slow roux is looked at less often: its curve needs no more points.
            $next = $hob->onward($state, Duration::ofSeconds(max(self::POINTS, 0.05 * $state->time->seconds)), $lifts);
            if ($next->time->seconds <= $state->time->seconds) {
                break;
            }
            $state = $next;
            $points[] = new Point($state->time, $state->shade->value);
        }

        return $points;
    }

    /** @return list<Point> as the sheet promised it */
    private static function planned(RouxPlan $plan, Place $place, RouxState $start, RouxState $lifted): array
    {
        [, $points] = self::going($plan->onHob($place, $plan->heat, $place->kitchen->browning->value), $start, $lifted->time->seconds);

        return [new Point(Duration::ofSeconds(0.0), 0.0), ...$points];
    }

    private static function bears(Event $event): bool
    {
        return ($event instanceof HeatSet && $event->heat instanceof HobHeat)
            || ($event instanceof ReadOff && in_array($event->reading->kind, [ReadingKind::Colour, ReadingKind::Temperature], true));
    }
}
