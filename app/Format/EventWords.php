<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use Lento\Course\Event;
use Lento\Course\Happened;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Heat\HobHeat;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\SimmerLevel;
use Lento\Roux\Colour;

/** What happened, in a line of the log: "poured 0.34 l", "heat to 2", "probe 82 °C". */
final readonly class EventWords
{
    private function __construct(private Kitchen $kitchen, private Plan $plan, private SauceNames $names) {}

    public static function of(Kitchen $kitchen, Plan $plan): self
    {
        return new self($kitchen, $plan, new SauceNames($kitchen));
    }

    public function line(Event $event): string
    {
        $at = $this->plan->at($event->step);
        $step = $at === null ? null : $this->plan->steps[$at];
        $name = $step === null ? '' : StepWords::name($step);

        return match (true) {
            $event instanceof Happened\Done => Words::text('stove.event.done', step: $name),
            $event instanceof Happened\WentBack => Words::text('stove.event.back', step: $name),
            $event instanceof Happened\Poured => Words::text(
                self::enriches($step) ? 'stove.event.stirred-in' : 'stove.event.poured',
                amount: self::addition($step, $event->addition),
            ),
            $event instanceof Happened\Unpoured => Words::text('stove.event.unpoured', amount: self::addition($step, $event->addition)),
            $event instanceof Happened\MoreTime => Words::text('stove.event.more-time', time: Minutes::text($event->time)),
            $event instanceof Happened\Tended => Words::text('stove.event.tended.' . $event->tending->value),
            $event instanceof Happened\HeatSet => Words::text('stove.event.heat', heat: self::heat($event->heat)),
            $event instanceof Happened\ReadOff => self::reading($event->reading),
            $event instanceof Happened\Tasted => Words::text(
                'stove.event.tasted',
                taste: Words::text('stove.taste_is.' . $event->taste->value),
            ),
            $event instanceof Happened\Added => Words::text(
                'stove.event.added',
                amount: Grams::of($event->mass)->text(),
                what: Words::ingredient($event->ingredient),
            ),
            $event instanceof Happened\ChangedPan => Words::text(
                'stove.event.changed-pan',
                wide: sprintf('%.0F', $event->pan->diameter->inCentimetres()),
            ),
            $event instanceof Happened\StoppedPouring => Words::text(
                'stove.event.stopped-pouring',
                amount: Litres::of($event->left)->text(),
            ),
            $event instanceof Happened\ToppedUp => Words::text('stove.event.topped-up', amount: Litres::of($event->liquid)->text()),
            $event instanceof Happened\Thickened => Words::text(
                'stove.event.thickened',
                amount: Grams::of($event->thickener)->text(),
                means: Words::text('stove.means.' . $event->means->value),
            ),
            $event instanceof Happened\Rescued => self::rescued($event),
            $event instanceof Happened\FollowedUp => Words::text(
                'stove.event.followed-up',
                how: mb_strtolower(Words::text('rescue.follow.' . $event->how->value)),
            ),
            $event instanceof Happened\Moved => Words::text(
                'stove.event.moved',
                place: Station::named($event->place, $this->kitchen)->name ?? $event->place,
            ),
            $event instanceof Happened\TakenOver => Words::text('stove.event.taken-over', cook: $event->cook),
            $event instanceof Happened\KeptFor => Words::text('stove.event.kept.' . $event->kept->value),
            $event instanceof Happened\LadledOff => Words::text(
                'stove.event.ladled-off',
                amount: Litres::of($event->volume)->text(),
                sauce: $this->names->ofBranch($event->branch, $event->for),
            ),
            $event instanceof Happened\Noted => $event->text,
            $event instanceof Happened\Unknown => Words::text('stove.event.unknown', kind: $event->name),
            default => Words::text('stove.event.' . $event->kind()->value),
        };
    }

    /** "2, medium low" of five under a roux; "2, simmer" of four under a sauce */
    public static function heat(HobHeat|SimmerLevel|null $heat): string
    {
        return $heat === null ? '' : Words::text('stove.heat_is', number: self::number($heat), name: self::heatName($heat));
    }

    public static function number(HobHeat|SimmerLevel $heat): int
    {
        return 1 + (int) array_search($heat, $heat::cases(), true);
    }

    public static function heatName(HobHeat|SimmerLevel $heat): string
    {
        return Words::text(($heat instanceof HobHeat ? 'stove.hob.' : 'compose.level.') . $heat->value);
    }

    public static function reading(Reading $reading): string
    {
        return match ($reading->kind) {
            ReadingKind::Colour => Words::text('stove.event.colour', colour: self::colour($reading->inSi())),
            ReadingKind::Temperature => Words::text('stove.event.temperature', temperature: Degrees::text($reading->asTemperature())),
            ReadingKind::Depth => Words::text('stove.event.depth', mm: sprintf('%.0F', 1000.0 * $reading->inSi())),
            ReadingKind::Weight => Words::text('stove.event.weight', kg: sprintf('%.2F', $reading->inSi())),
            ReadingKind::Spoon => Words::text(
                'stove.event.spoon',
                word: mb_strtolower(Words::text('thickness.spoon.' . $reading->asSpoonWord()->value)),
            ),
            ReadingKind::Line => Words::text('stove.event.line.' . ($reading->lineHolds() ? 'holds' : 'runs')),
            ReadingKind::Spread => Words::text('stove.event.spread', mm: sprintf('%.0F', 1000.0 * $reading->inSi())),
            ReadingKind::Trail => Words::text(
                'stove.event.trail',
                how: mb_strtolower(Words::text('stove.test.trails.' . $reading->asTrailWord()->value)),
            ),
            ReadingKind::Ribbon => Words::text('stove.event.ribbon.' . ($reading->ribbonHolds() ? 'holds' : 'sinks')),
            ReadingKind::FunnelNarrow, ReadingKind::FunnelWide => Words::text(
                'stove.event.funnel',
                seconds: sprintf('%.0F', $reading->inSi()),
                bore: $reading->kind === ReadingKind::FunnelWide ? 10 : 6,
            ),
        };
    }

    /** The nearest name on the strip, and how far along it. */
    public static function colour(float $shade): string
    {
        return Words::text('stove.shade', name: Words::text('compose.colour.' . self::nearest($shade)), shade: sprintf('%.1F', $shade));
    }

    private static function nearest(float $shade): string
    {
        $nearest = 'white';
        $least = INF;
        foreach (Colour::cases() as $colour) {
            $off = abs($colour->shade()->value - $shade);
            [$nearest, $least] = $off < $least ? [$colour->value, $off] : [$nearest, $least];
        }

        return $nearest;
    }

    /** "too thick: 0.12 l in" */
    public static function rescued(Happened\Rescued $rescued): string
    {
        $amounts = [
            ...($rescued->liquid === null ? [] : [Litres::of($rescued->liquid)->text()]),
            ...($rescued->solid === null ? [] : [Grams::of($rescued->solid)->text()]),
        ];

        return Words::text(
            'stove.event.rescued',
            fault: mb_strtolower(RemedyWords::name($rescued->fault)),
            did: Words::text('stove.event.did.' . $rescued->remedy->value) . ($amounts === [] ? '' : ' ' . implode(', ', $amounts)),
        );
    }

    private static function enriches(?Step $step): bool
    {
        return $step !== null && in_array($step->kind, [StepKind::Enrich, StepKind::StirIn, StepKind::Garnish, StepKind::Season], true);
    }

    private static function addition(?Step $step, string $id): string
    {
        if ($step === null) {
            return $id;
        }
        foreach ($step->additions as $i => $addition) {
            if ($addition->id === $id) {
                return PourWords::amounts($step)[$i] ?? $id;
            }
        }

        return $id;
    }
}
