<?php

declare(strict_types=1);

namespace App\Format;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Lento\Shelf\Happened;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;

/** What happened to a tub, in a line; where it stands; its days. */
final readonly class TubWords
{
    public static function of(ShelfEvent $event): string
    {
        return match (true) {
            $event instanceof Happened\PutIn => $event->volume->inMillilitres() < 0.5
                ? Words::text('keep.said.opened', vessel: $event->vesselName, spot: self::spot($event->spot))
                : Words::text(
                    'keep.said.put-in',
                    litres: Litres::of($event->volume)->text(),
                    vessel: $event->vesselName,
                    celsius: Degrees::text($event->temperature),
                    spot: self::spot($event->spot),
                ),
            $event instanceof Happened\PouredOver => Words::text('keep.said.poured-over', litres: Litres::of($event->volume)->text()),
            $event instanceof Happened\ReadOff => Words::text(
                $event->byProbe ? 'keep.said.probe' : 'keep.said.read',
                celsius: Degrees::tenths($event->temperature),
            ),
            $event instanceof Happened\Moved => Words::text('keep.said.moved', spot: self::spot($event->spot)),
            $event instanceof Happened\Taken => Words::text('keep.said.taken', litres: Litres::of($event->volume)->text())
                . ($event->for === '' ? '' : Words::text('keep.said.for', for: $event->for))
                . ($event->despite === '' ? '' : Words::text('keep.said.despite', why: $event->despite)),
            $event instanceof Happened\Measured => Words::text('keep.said.measured', litres: Litres::of($event->volume)->text()),
            $event instanceof Happened\Reheated => Words::text('keep.said.reheated', celsius: Degrees::text($event->temperature)),
            $event instanceof Happened\Binned => Words::text('keep.said.binned', why: Words::text('keep.reasons.' . $event->reason->value))
                . ($event->words === '' ? '' : ': ' . $event->words),
            $event instanceof Happened\Noted => $event->text,
            default => Words::text('keep.said.undone'),
        };
    }

    public static function spot(Spot $spot): string
    {
        return Words::text('keep.spots.' . $spot->value);
    }

    /** "Tue 17 Mar" */
    public static function day(DateTimeInterface|string $day): string
    {
        return CarbonImmutable::parse($day)->format('D j M');
    }
}
