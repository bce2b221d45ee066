<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Records\EventCodec;
use App\Records\Node;
use Carbon\CarbonImmutable;
use Lento\Course\Outcome;
use Lento\Family\Stem;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;

/** A pot in hand as the base of what is made of it: as much and as thick as it is believed to be now, not as it was planned. */
final readonly class FromPot
{
    /** Null while there is no sauce in it that could be judged, or nothing is known of it, or nothing was kept. */
    public static function of(Pot $pot, Kitchen $kitchen, CarbonImmutable $now): ?BaseInHand
    {
        $outcome = $pot->outcome === null ? null : EventCodec::toOutcome(Node::root($pot->outcome, 'outcome'));
        $watch = self::watched($pot, $outcome, $now);
        $stem = self::inIt($pot, $watch);
        // Of a pot that is over there is what was kept of it.
        $kept = $outcome === null ? null : Volume::ofLitres($outcome->held->inLitres() + $outcome->cooled->inLitres());
        if ($watch === null || $stem === null || $kept !== null && $kept->inMillilitres() < 1.0) {
            return null;
        }
        $isOver = $pot->finished_at !== null;

        return new BaseInHand(
            $pot->name,
            $kept === null ? $stem : $stem->taken($kept),
            $watch->plan->making->sauce ?? '',
            $watch->plan->making->liquid ?? '',
            new WhereItIs(
                $isOver ? route('log.show', $pot) : route('pots.show', $pot),
                route('pots.make', $pot),
                $isOver ? null : $watch->cooking->place->pan,
            ),
            $kitchen,
        );
    }

    /** All that was in it, whatever of it was kept; null while there is no sauce in it that could be judged. */
    public static function whole(Pot $pot, CarbonImmutable $now): ?Stem
    {
        $outcome = $pot->outcome === null ? null : EventCodec::toOutcome(Node::root($pot->outcome, 'outcome'));

        return self::inIt($pot, self::watched($pot, $outcome, $now));
    }

    private static function watched(Pot $pot, ?Outcome $outcome, CarbonImmutable $now): ?PotWatch
    {
        $watch = PotWatch::of($pot->plan, $pot->course(), $now);

        return $watch !== null && $outcome !== null ? $watch->after($outcome) : $watch;
    }

    private static function inIt(Pot $pot, ?PotWatch $watch): ?Stem
    {
        $sauce = $watch?->sauce;

        return $sauce === null || !$sauce->boiled || $sauce->reckoning->volume()->inMillilitres() < 1.0
            ? null
            : Stem::inPot($pot->plan, $sauce->reckoning->sauce);
    }
}
