<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Keeping\Vessel;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\BinReason;
use Lento\Shelf\EventKind;
use Lento\Shelf\Happened;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;

/** What an event of a tub says, as it is kept: in SI. */
final readonly class ShelfCodec
{
    public const VERSION = 1;

    /** @return array<string, mixed> its kind's own fields */
    public static function fields(ShelfEvent $event): array
    {
        return match (true) {
            $event instanceof Happened\PutIn => [
                'vessel' => self::vessel($event->vessel),
                'vessel_name' => $event->vesselName,
                'm3' => $event->volume->cubicMetres,
                'k' => $event->temperature->kelvin,
                'spot' => $event->spot->value,
            ],
            $event instanceof Happened\PouredOver => ['to' => $event->to, 'm3' => $event->volume->cubicMetres],
            $event instanceof Happened\ReadOff => ['k' => $event->temperature->kelvin, 'probe' => $event->byProbe],
            $event instanceof Happened\Moved => ['spot' => $event->spot->value],
            $event instanceof Happened\Taken => [
                'm3' => $event->volume->cubicMetres,
                'for' => $event->for,
                'despite' => $event->despite,
            ],
            $event instanceof Happened\Measured => ['m3' => $event->volume->cubicMetres],
            $event instanceof Happened\Reheated => ['k' => $event->temperature->kelvin],
            $event instanceof Happened\Binned => ['reason' => $event->reason->value, 'words' => $event->words],
            $event instanceof Happened\Noted => ['text' => $event->text],
            $event instanceof Happened\Undone => ['undoes' => $event->undoes],
            default => [],
        };
    }

    /** @throws Unreadable naming the field */
    public static function event(EventKind $kind, Mark $mark, Node $node): ShelfEvent
    {
        return $node->into(static fn(Node $node): ShelfEvent => match ($kind) {
            EventKind::PutIn => new Happened\PutIn(
                $mark,
                self::toVessel($node->get('vessel')),
                $node->get('vessel_name')->text(),
                self::volume($node),
                self::temperature($node),
                $node->get('spot')->one(Spot::class),
            ),
            EventKind::PouredOver => new Happened\PouredOver($mark, $node->get('to')->text(), self::volume($node)),
            EventKind::Read => new Happened\ReadOff($mark, self::temperature($node), $node->maybe('probe')?->yes() ?? false),
            EventKind::Moved => new Happened\Moved($mark, $node->get('spot')->one(Spot::class)),
            EventKind::Taken => new Happened\Taken(
                $mark,
                self::volume($node),
                $node->maybe('for')?->text() ?? '',
                $node->maybe('despite')?->text() ?? '',
            ),
            EventKind::Measured => new Happened\Measured($mark, self::volume($node)),
            EventKind::Reheated => new Happened\Reheated($mark, self::temperature($node)),
            EventKind::Binned => new Happened\Binned(
                $mark,
                $node->get('reason')->one(BinReason::class),
                $node->maybe('words')?->text() ?? '',
            ),
            EventKind::Note => new Happened\Noted($mark, $node->get('text')->text()),
            EventKind::Undone => new Happened\Undone($mark, $node->get('undoes')->text()),
        });
    }

    /** @return array<string, float|null> */
    public static function vessel(Vessel $vessel): array
    {
        return ['length' => $vessel->length->metres, 'width' => $vessel->width?->metres, 'height' => $vessel->height->metres];
    }

    public static function toVessel(Node $node): Vessel
    {
        $width = $node->maybe('width')?->float();

        return $node->into(static fn(Node $node): Vessel => Vessel::of(
            Length::ofMetres($node->get('length')->float()),
            $width === null ? null : Length::ofMetres($width),
            Length::ofMetres($node->get('height')->float()),
        ));
    }

    private static function volume(Node $node): Volume
    {
        return Volume::ofCubicMetres($node->get('m3')->float());
    }

    private static function temperature(Node $node): Temperature
    {
        return Temperature::ofKelvin($node->get('k')->float());
    }
}
