<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;

/** Anything of the larder that a cook adds to a procedure: so much of it, at a place of the work; reckoned like the house's own. */
final readonly class Extra
{
    /** Of one thing in one pot: 200 kg, 200 l. */
    public const MOST_IN_ALL = 200_000.0;

    /** °C between which a yolk thickens, and over which cheese, soured cream and mounted butter suffer. Source: the house procedures. */
    private const LIAISON = [72.0, 82.0];

    private const MELTS_AT_MOST = 75.0;

    /** min that what needs a simmer gets, where the sauce has none of its own. */
    private const A_SIMMER = 5.0;

    /** g of fat for a gram of vegetables that get a pan of their own. */
    private const FAT_APART = 0.06;

    /** pH under which dairy curdles at the boil: soured cream, yoghurt. Source: docs/model.md, G. */
    private const SOURED = 5.5;

    /** What its sweating is called where it has no fat but the roux's own. */
    public const IN_THE_ROUX_FAT = 'in-the-roux-fat';

    /** @param bool $fatHeld whether the fat is all that the cook wrote, and vegetables take a spoon of it for their pan */
    private function __construct(
        public Dose $dose,
        public Where $where,
        private Ingredient|Fat|null $kind,
        private bool $fatHeld = false,
    ) {}

    /** The same where not a gram of fat goes in but what is written. */
    public function inHeldFat(): self
    {
        return new self($this->dose, $this->where, $this->kind, true);
    }

    /**
     * @param float $amount g, ml or pieces: for each litre of the sauce, or in all
     *
     * @throws Unknown where the larder has none of it
     * @throws OutOfRange if the amount is out of all reason
     * @throws NotReachable if it would boil where it may not
     */
    public static function of(string $ingredient, Measure $measure, float $amount, Where $where, Larder $larder, bool $inAll = false): self
    {
        OutOfRange::refuse('amount-of-an-addition', $amount, 0.01, $inAll ? self::MOST_IN_ALL : Dose::MOST, $measure->value);
        $kind = Dose::isSpice($ingredient) ? null : $larder->any($ingredient);
        if ($kind !== null && !$kind instanceof Ingredient && !$kind instanceof Fat) {
            throw Unknown::name('ingredient', $ingredient);
        }
        if ($measure === Measure::Pieces && !Dose::comesInPieces($ingredient)) {
            throw Unknown::name('piece', $ingredient);
        }
        $fate = match (true) {
            $kind === null => Fate::Flavours,
            $kind instanceof Ingredient && $kind->role === Role::Vegetable => Fate::StaysIn,
            default => Fate::Joins,
        };
        if ($where->boilsAfter() && self::isSpoiltByBoiling($kind)) {
            throw NotReachable::target('addition-that-may-not-boil', $ingredient);
        }
        $dose = $inAll ? Dose::inAll($ingredient, $measure, $amount, $fate) : Dose::counted($ingredient, $measure, $amount, $fate);

        return new self($dose->ofTheCook(), $where, $kind);
    }

    /**
     * The procedure with it at its place.
     *
     * @param string $fat that vegetables get which have a pan of their own
     * @param int $ladled how many acts are done before a base is ladled in; 0 in a base
     */
    public function into(Procedure $procedure, string $fat, int $ladled = 0): Procedure
    {
        return match ($this->where) {
            Where::WithVegetables => $this->withVegetables($procedure, $fat, $ladled),
            Where::WithFlour => $this->after($procedure, $ladled, ActKind::Colour, ActKind::Bake),
            Where::WithLiquid => $this->after($procedure, $ladled, ActKind::Pour),
            Where::InSimmer => $this->inSimmer($procedure, $ladled),
            Where::OffHeat => $procedure->adding($this->finishing(), self::offHeat($procedure, $ladled)),
            Where::Last, Where::AtTable => $procedure->adding($this->finishing(), count($procedure->acts)),
        };
    }

    private function withVegetables(Procedure $procedure, string $fat, int $ladled): Procedure
    {
        $fries = $procedure->last(ActKind::Sweat, ActKind::Brown, ActKind::BrownDeep, ActKind::Render);
        $vegetable = $this->dose->fate === Fate::StaysIn;
        $fries = $vegetable ? self::friesVegetables($procedure) : $fries;
        if ($fries !== null) {
            $act = $procedure->acts[$fries];

            return $vegetable
                ? $procedure->replacing($fries, $act->with([...$act->doses, $this->dose]))
                : $procedure->adding($this->stirring()->in($act->vessel), $fries + 1);
        }
        if (!$vegetable) {
            return $this->after($procedure, $ladled, ActKind::Pour);
        }
        $ofFat = self::FAT_APART * $this->dose->perLitre;
        $sweat = $this->fatHeld ? Act::of(ActKind::Sweat, $this->dose)->saying(self::IN_THE_ROUX_FAT) : Act::of(
            ActKind::Sweat,
            $this->dose,
            ($this->dose->inAll ? Dose::inAll($fat, Measure::Grams, $ofFat, Fate::Joins) : Dose::grams($fat, $ofFat))->ofTheCook(),
        );
        $simmer = $procedure->last(ActKind::Simmer, ActKind::Reduce);

        return $simmer === null || $ladled > 0
            ? $procedure->adding($sweat, 0)
            : $procedure->adding(Act::of(ActKind::StirIn)->saying('vegetables'), $simmer)->adding($sweat->in(Vessel::SecondPan), 0);
    }

    /** @return int|null the last act that fries vegetables of the house's, which are not left out */
    private static function friesVegetables(Procedure $procedure): ?int
    {
        $last = null;
        foreach ($procedure->acts as $at => $act) {
            $cut = array_filter($act->doses, static fn(Dose $dose): bool => $dose->fate === Fate::StaysIn && $dose->perLitre > 0.0);
            $last = $act->kind->fries() && $cut !== [] ? $at : $last;
        }

        return $last;
    }

    private function after(Procedure $procedure, int $ladled, ActKind ...$kinds): Procedure
    {
        $at = $procedure->last(...$kinds) ?? $procedure->first(ActKind::Pour, ActKind::Warm);

        return $procedure->adding($this->stirring(), $at === null ? $ladled : $at + 1);
    }

    private function inSimmer(Procedure $procedure, int $ladled): Procedure
    {
        $simmer = null;
        foreach ($procedure->acts as $at => $act) {
            $simmer = $act->vessel === Vessel::Pan && in_array($act->kind, [ActKind::Simmer, ActKind::Reduce], true) ? $at : $simmer;
        }

        return $simmer === null
            ? $procedure->adding(Act::of(ActKind::Simmer)->for(self::A_SIMMER), $ladled)->adding($this->stirring(), $ladled)
            : $procedure->adding($this->stirring(), $simmer);
    }

    /** @return int after the last act that boils, or clears it, and before those that finish it */
    private static function offHeat(Procedure $procedure, int $ladled): int
    {
        $last = $ladled;
        foreach ($procedure->acts as $at => $act) {
            $boils = $act->kind->boils() || $act->kind->clears() || $act->words === 'simmer-again' || $act->kind === ActKind::TakeOut;
            $last = $boils ? max($last, $at + 1) : $last;
        }

        return $last;
    }

    private function stirring(): Act
    {
        return Act::of(ActKind::StirIn, $this->dose)->saying($this->where->value);
    }

    private function finishing(): Act
    {
        return match (true) {
            $this->where === Where::AtTable => $this->stirring(),
            $this->kind instanceof Fat => Act::of(ActKind::WhiskIn, $this->dose)->between(null, self::MELTS_AT_MOST),
            $this->kind?->role === Role::Egg => Act::of(ActKind::Bind, $this->dose)->between(...self::LIAISON),
            $this->kind?->role === Role::Cheese => Act::of(ActKind::MeltIn, $this->dose)->between(null, self::MELTS_AT_MOST),
            default => $this->stirring(),
        };
    }

    private static function isSpoiltByBoiling(Ingredient|Fat|null $kind): bool
    {
        return $kind instanceof Ingredient && match ($kind->role) {
            Role::Egg, Role::Cheese => true,
            default => $kind->milkSolids > 0.0 && $kind->pH < self::SOURED,
        };
    }
}
