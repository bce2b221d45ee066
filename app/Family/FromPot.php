<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Records\EventCodec;
use App\Records\Node;
use Carbon\CarbonImmutable;
use Lento\Exception\LentoException;
use Lento\Exception\Unknown;
use Lento\Family\Derivative;
use Lento\Family\Derived;
use Lento\Family\Deriving;
use Lento\Family\Stem;
use Lento\Pot\Straining;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;

/** A pot in hand as the base of what is made of it: as much and as thick as it is believed to be now, not as it was planned. */
final readonly class FromPot
{
    public int $potId;

    public string $name;

    /** Whether the pot is over: what was kept of it is in the cold, or in the hot well. */
    public bool $isOver;

    private function __construct(Pot $row, public PotWatch $pot, public Stem $stem, private Kitchen $kitchen)
    {
        $this->potId = $row->id;
        $this->name = $row->name;
        $this->isOver = $row->finished_at !== null;
    }

    /** @return self|null null while there is no sauce in it that could be judged, or nothing is known of it */
    public static function of(Pot $pot, Kitchen $kitchen, CarbonImmutable $now): ?self
    {
        $watch = PotWatch::of($pot->plan, $pot->course(), $now);
        $outcome = $pot->outcome === null ? null : EventCodec::toOutcome(Node::root($pot->outcome, 'outcome'));
        $watch = $watch !== null && $outcome !== null ? $watch->after($outcome) : $watch;
        $sauce = $watch?->sauce;
        if ($watch === null || $sauce === null || !$sauce->boiled || $sauce->reckoning->volume()->inMillilitres() < 1.0) {
            return null;
        }

        $stem = Stem::inPot($pot->plan, $sauce->reckoning->sauce);
        // Of a pot that is over there is what was kept of it.
        $kept = $outcome === null ? null : Volume::ofLitres($outcome->held->inLitres() + $outcome->cooled->inLitres());

        return match (true) {
            $kept === null => new self($pot, $watch, $stem, $kitchen),
            $kept->inMillilitres() < 1.0 => null,
            default => new self($pot, $watch, $stem->taken($kept), $kitchen),
        };
    }

    /** @return list<string> ids of what can be made of it */
    public function sauces(): array
    {
        $making = $this->pot->plan->making;
        $catalogue = $this->kitchen->catalogue();

        return array_values(array_filter(
            $catalogue->childrenOf($making->sauce ?? ''),
            fn(string $id): bool => $catalogue->base($id) === null
                && in_array($making->liquid ?? '', [...Liquids::of($id, $catalogue, $this->kitchen), ''], true),
        ));
    }

    /**
     * @param Volume|null $litres to be made; all that the pot gives if null
     *
     * @throws LentoException if it cannot be made, or not so much of it
     */
    public function derived(string $sauce, ?Volume $litres, bool $samePan): Derived
    {
        if (!in_array($sauce, $this->sauces(), true)) {
            throw Unknown::name('sauce', $sauce);
        }
        $workplace = (new KitchenWorkplace($this->kitchen))->workplace();
        $derivative = $this->kitchen->catalogue()->derivative($sauce);
        if ($samePan) {
            return Deriving::of($derivative, $this->stem, $workplace, pan: $this->pot->cooking->place->pan);
        }

        return $litres === null
            ? Deriving::of($derivative, $this->stem, $workplace)
            : Deriving::yielding($derivative, $this->stem, $litres, $workplace);
    }

    /** Whether there is as much of it as this takes. */
    public function holds(Derived $derived): bool
    {
        return $derived->taken->volume()->cubicMetres <= 1.001 * $this->stem->volume()->cubicMetres;
    }

    /** Whether no more than what clings to the pan is left after it. */
    public function takesAll(Derived $derived): bool
    {
        return $derived->taken->volume()->cubicMetres >= (1.0 - Straining::CLING) * $this->stem->volume()->cubicMetres;
    }

    public function derivative(string $sauce): Derivative
    {
        return $this->kitchen->catalogue()->derivative($sauce);
    }
}
