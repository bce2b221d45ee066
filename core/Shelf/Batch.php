<?php

declare(strict_types=1);

namespace Lento\Shelf;

use Lento\Keeping\CoolingReading;
use Lento\Keeping\ReadingDoubt;
use Lento\Keeping\ReadingSense;

/** All tubs of one lot, as they follow from what happened: gone through in the order of their moments, whatever order it came in. */
final readonly class Batch
{
    /** @param array<string, Tub> $tubs by id, in the order they were filled */
    private function __construct(public Lot $lot, public array $tubs) {}

    /** @param list<ShelfEvent> $events */
    public static function of(Lot $lot, array $events): self
    {
        $notes = [];
        foreach (self::counting($events) as $event) {
            $notes = self::after($lot, $notes, $event);
        }

        return new self($lot, array_map(static fn(TubNotes $one): Tub => new Tub($lot, $one), $notes));
    }

    public function ledger(): Ledger
    {
        return array_reduce($this->tubs, static fn(Ledger $sum, Tub $tub): Ledger => $sum->plus($tub->ledger()), Ledger::nothing());
    }

    /**
     * @param list<ShelfEvent> $events
     *
     * @return list<ShelfEvent> those that were not taken back; an undoing that is undone undoes nothing
     */
    public static function counting(array $events): array
    {
        // Of one moment, in the order they were said in.
        usort($events, static fn(ShelfEvent $a, ShelfEvent $b): int => $a->at <=> $b->at);
        [$counting, $undone] = [[], []];
        foreach (array_reverse($events) as $event) {
            if (isset($undone[$event->id])) {
                continue;
            }
            if ($event instanceof Happened\Undone) {
                $undone[$event->undoes] = true;
                continue;
            }
            $counting[] = $event;
        }

        return array_reverse($counting);
    }

    /**
     * @param array<string, TubNotes> $notes
     *
     * @return array<string, TubNotes>
     */
    private static function after(Lot $lot, array $notes, ShelfEvent $event): array
    {
        if ($event instanceof Happened\PutIn) {
            return [...$notes, $event->tub => $notes[$event->tub] ?? TubNotes::open($event)];
        }
        $tub = $notes[$event->tub] ?? null;
        if ($tub === null) {
            return $notes;
        }
        $there = $tub->ledger->kept;
        if ($event instanceof Happened\PouredOver) {
            return self::poured($lot, $notes, $event);
        }
        $notes[$event->tub] = match (true) {
            $event instanceof Happened\ReadOff => self::read($lot, $tub, $event),
            $event instanceof Happened\Moved => $tub->moved($event),
            $event instanceof Happened\Taken => $tub->taken($tub->ledger->served(min($there, self::ml($event->volume))), $event->at),
            $event instanceof Happened\Measured => $tub->holds($tub->ledger->lost($there - self::ml($event->volume)), $event->at),
            $event instanceof Happened\Reheated => $tub->reheated($event),
            $event instanceof Happened\Binned => $tub->binned($event),
            default => $tub,
        };

        return $notes;
    }

    /**
     * @param array<string, TubNotes> $notes
     *
     * @return array<string, TubNotes>
     */
    private static function poured(Lot $lot, array $notes, Happened\PouredOver $event): array
    {
        [$from, $to] = [$notes[$event->tub], $notes[$event->to] ?? null];
        if ($to === null || $event->to === $event->tub) {
            return $notes;
        }
        // Never more than there is, so that what one gives is what the other gets.
        $ml = min($from->ledger->kept, self::ml($event->volume));
        $now = (new Tub($lot, $from))->believedTemperature($event->at);
        $notes[$event->to] = $to->from($from, $now)->holds($to->ledger->madeMore($ml), $event->at);
        $notes[$event->tub] = $from->holds($from->ledger->madeMore(-$ml), $event->at);

        return $notes;
    }

    private static function read(Lot $lot, TubNotes $tub, Happened\ReadOff $event): TubNotes
    {
        $reading = new CoolingReading($event->at, $event->temperature);

        return $tub->read(new DoubtedReading($event->id, $reading, $event->by, $event->byProbe, self::doubt($lot, $tub, $reading)));
    }

    private static function doubt(Lot $lot, TubNotes $tub, CoolingReading $reading): ?ReadingDoubt
    {
        $stints = (new Tub($lot, $tub))->stints();
        if ($stints === [] || $reading->at < $stints[0]->from) {
            // In a hot well anything a thermometer can show can be.
            $celsius = $reading->temperature->inCelsius();

            return $celsius >= ReadingSense::LEAST_CELSIUS && $celsius <= ReadingSense::MOST_CELSIUS ? null : ReadingDoubt::CannotBe;
        }

        return ReadingSense::doubt($reading, $stints, $tub->believedSince($stints[0]->from), $tub->putTemperature());
    }

    private static function ml(\Lento\Quantity\Volume $volume): int
    {
        return (int) round($volume->inMillilitres());
    }
}
