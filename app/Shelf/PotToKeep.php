<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Family\FromPot;
use App\Format\Litres;
use App\Format\SauceColour;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnRules;
use App\Models\Batch;
use App\Models\Pot;
use App\Records\EventCodec;
use App\Records\LotFacts;
use App\Records\Node;
use Carbon\CarbonImmutable;
use Lento\Family\Stem;
use Lento\Quantity\Volume;
use Lento\Shelf\Lot;
use Lento\Thickness\Sauce;

/** A pot of which something is to be put away: how much there is, what it is, and by which rules it will be kept. */
final readonly class PotToKeep
{
    /** l that are no longer worth a tub. */
    private const NOTHING = 0.05;

    /** For so long after its end it is asked where a sauce went. */
    private const ASKED_HOURS = 12;

    private function __construct(
        public Pot $pot,
        public ?Stem $stem,
        public ?Volume $there,
        public LotFacts $facts,
    ) {}

    public static function of(Pot $pot, Kitchen $kitchen, CarbonImmutable $now): self
    {
        $stem = FromPot::whole($pot, $now);
        $made = $pot->finished_at ?? $now;
        $days = $kitchen->keeps()->days();
        $lot = new Lot(
            $made->toDateTimeImmutable(),
            $stem->sauce ?? Sauce::nothing(),
            $stem?->carries->keepBelow,
            $kitchen->foodSafety(),
            $days->of($stem->sauce ?? Sauce::nothing()),
        );

        return new self(
            $pot,
            $stem,
            self::there($pot, $stem),
            new LotFacts($lot, $stem, SauceColour::ofPlan($pot->plan), self::asOf($kitchen)),
        );
    }

    /** "2.70 l are in no tub yet."; nothing where all of it is, nothing was kept, or that was on another day. */
    public static function left(int $pot, CarbonImmutable $now): string
    {
        $row = Pot::query()->where('finished_at', '>', $now->subHours(self::ASKED_HOURS))->find($pot);
        $left = $row === null ? null : self::there($row, null);

        return $left === null || $left->inLitres() < self::NOTHING
            ? ''
            : Words::text('keep.left', litres: Litres::of($left)->text());
    }

    private static function asOf(Kitchen $kitchen): string
    {
        return $kitchen->foodSafety()->name === OwnRules::NAME ? $kitchen->keeps()->asOf() : '';
    }

    /** What is left to be put away; null where nobody knows. */
    public static function there(Pot $pot, ?Stem $stem): ?Volume
    {
        if ($pot->finished_at === null) {
            return $stem?->volume();
        }
        if ($pot->outcome === null) {
            return null;
        }
        $outcome = EventCodec::toOutcome(Node::root($pot->outcome, 'outcome'));
        // What was ladled off while it was still on is not in what came out of it.
        $away = 0.0;
        $after = $pot->finished_at->getTimestampMs();
        foreach (Batch::query()->where('pot_id', $pot->id)->where('made_at_ms', '>=', $after)->get() as $batch) {
            $away += self::putIn($batch);
        }
        $kept = $outcome->held->inMillilitres() + $outcome->cooled->inMillilitres();

        return Volume::ofMillilitres(max(0.0, $kept - $away));
    }

    /** ml that went into tubs of a batch. */
    private static function putIn(Batch $batch): float
    {
        return (float) StoredShelf::batch($batch)->ledger()->made;
    }
}
