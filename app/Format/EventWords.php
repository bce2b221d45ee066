<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use App\Stove\Place;
use Lento\Compose\Amount;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\When;
use Lento\Course\Added;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Course\Rescued;
use Lento\Finish\Finishing;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Roux\Colour;

/** What happened, in a line of the log: "poured 0.34 l", "heat to 2", "probe 82 °C". */
final readonly class EventWords
{
    /**
     * @param list<Step> $steps
     * @param list<string> $pours what each addition of the pouring step is
     * @param list<string> $finishes what each addition of the last step off the boil is
     * @param array<int, list<string>> $ticks what the additions of each step are, where its pot was put on with them written down
     */
    private function __construct(private Kitchen $kitchen, private array $steps, private array $pours = [], private array $finishes = [], private array $ticks = []) {}

    /**
     * @param list<Step> $steps
     * @param array<int, list<string>> $ticks by step
     */
    public static function of(Kitchen $kitchen, array $steps, ?Sheet $sheet, array $ticks = []): self
    {
        return $sheet === null ? new self($kitchen, $steps, ticks: $ticks) : new self($kitchen, $steps, PourWords::amounts($sheet), array_map(static fn(Finishing $finishing): string => self::finish($finishing, $sheet), $sheet->finishes));
    }

    /** "60 g double cream" */
    public static function finish(Finishing $finishing, Sheet $sheet): string
    {
        $grams = array_sum(array_map(static fn(Amount $amount): float => $amount->when === When::Finish && $amount->ingredient === $finishing->what->id ? $amount->mass->inGrams() : 0.0, $sheet->amounts));

        return Grams::of(Mass::ofGrams($grams))->text() . ' ' . Words::ingredient($finishing->what->id);
    }

    public function line(Event $event): string
    {
        $step = isset($this->steps[$event->step]) ? Words::text('steps.' . $this->steps[$event->step]->kind->value . '.name') : '';

        return match ($event->kind) {
            EventKind::Done => Words::text('stove.event.done', step: $step),
            EventKind::Back => Words::text('stove.event.back', step: $step),
            EventKind::Poured => Words::text($this->enriches($event) ? 'stove.event.stirred-in' : 'stove.event.poured', amount: $this->addition($event)),
            EventKind::Unpoured => Words::text('stove.event.unpoured', amount: $this->addition($event)),
            EventKind::MoreTime => Words::text('stove.event.more-time', time: Minutes::text($event->time ?? Duration::ofSeconds(0.0))),
            EventKind::Tended => Words::text('stove.event.tended.' . ($event->tending->value ?? 'stir')),
            EventKind::Heat => Words::text('stove.event.heat', heat: self::heat($event->heat)),
            EventKind::Read => $event->reading === null ? '' : self::reading($event->reading),
            EventKind::Tasted => Words::text('stove.event.tasted', taste: Words::text('stove.taste_is.' . ($event->taste->value ?? 'right'))),
            EventKind::ToppedUp, EventKind::Thickened => $event->added === null ? '' : self::added($event->added),
            EventKind::Rescued => $event->rescued === null ? '' : self::rescued($event->rescued),
            EventKind::FollowedUp => Words::text('stove.event.followed-up', how: mb_strtolower(Words::text('rescue.follow.' . ($event->followUp->value ?? 'worked')))),
            EventKind::Moved => Words::text('stove.event.moved', place: Place::named($event->text, $this->kitchen)->name ?? $event->text),
            EventKind::TakenOver => Words::text('stove.event.taken-over', cook: $event->text),
            EventKind::Kept => Words::text('stove.event.kept.' . ($event->kept->value ?? 'served')),
            EventKind::LadledOff => Words::text('stove.event.ladled-off', amount: Litres::of($event->taken ?? Volume::ofLitres(0.0))->text(), sauce: $event->text),
            EventKind::Note => $event->text,
            EventKind::Undone, EventKind::Finished, EventKind::TakenOff => Words::text('stove.event.' . $event->kind->value),
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
            ReadingKind::Spoon => Words::text('stove.event.spoon', word: mb_strtolower(Words::text('thickness.spoon.' . $reading->asSpoonWord()->value))),
            ReadingKind::Line => Words::text('stove.event.line.' . ($reading->lineHolds() ? 'holds' : 'runs')),
            ReadingKind::Spread => Words::text('stove.event.spread', mm: sprintf('%.0F', 1000.0 * $reading->inSi())),
            ReadingKind::FunnelNarrow, ReadingKind::FunnelWide => Words::text('stove.event.funnel', seconds: sprintf('%.0F', $reading->inSi()), bore: $reading->kind === ReadingKind::FunnelWide ? 10 : 6),
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

    public static function added(Added $added): string
    {
        return $added->liquid !== null
            ? Words::text('stove.event.topped-up', amount: Litres::of(Volume::ofCubicMetres($added->liquid->cubicMetres))->text())
            : Words::text('stove.event.thickened', amount: Grams::of($added->thickener ?? Mass::ofGrams(0.0))->text(), means: Words::text('stove.means.' . ($added->means ?? Means::BeurreManie)->value));
    }

    /** "too thick: 0.12 l in" */
    public static function rescued(Rescued $rescued): string
    {
        $amounts = [
            ...($rescued->liquid === null ? [] : [Litres::of($rescued->liquid)->text()]),
            ...($rescued->solid === null ? [] : [Grams::of($rescued->solid)->text()]),
        ];

        return Words::text('stove.event.rescued', fault: mb_strtolower(RemedyWords::name($rescued->fault)), did: Words::text('stove.event.did.' . $rescued->remedy->value) . ($amounts === [] ? '' : ' ' . implode(', ', $amounts)));
    }

    private function enriches(Event $event): bool
    {
        return isset($this->steps[$event->step]) && in_array($this->steps[$event->step]->kind, [StepKind::Enrich, StepKind::StirIn, StepKind::Garnish], true);
    }

    private function addition(Event $event): string
    {
        return $this->ticks[$event->step][$event->pour] ?? ($this->enriches($event) ? $this->finishes : $this->pours)[$event->pour] ?? (string) ($event->pour + 1);
    }
}
