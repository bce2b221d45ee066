<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Measure;
use Lento\Procedure\Procedure;
use Lento\Thickness\ThicknessClass;

/** A sauce finished from a base, or from another sauce that is: what is done to a litre of it, and how thick it is then. */
final readonly class Derivative
{
    /** °C at which what is stirred in last takes no harm. Source: trade custom. */
    private const OFF_THE_BOIL = 75.0;

    /** Words of spices that go into the fat, ahead of the base. */
    private const BEFORE_THE_BASE = ['paprika', 'bloom'];

    /**
     * @param non-empty-string $id
     * @param string $parent the id of a base or of another derivative
     * @param list<string> $stocks the stocks its base may be made with, the usual one first; empty where any will do
     * @param Procedure $procedure empty for a base that is served as it is
     * @param string $basedOn the shipped sauce that a kitchen's own began as; empty for a shipped one
     */
    public function __construct(
        public string $id,
        public string $parent,
        public array $stocks,
        public Procedure $procedure,
        public ThicknessClass $class,
        public string $basedOn = '',
    ) {}

    /** A base that is served as it is. */
    public static function asItIs(Base $base, ThicknessClass $class): self
    {
        return new self($base->value, $base->value, [], Procedure::of(), $class);
    }

    /** @return list<Dose> all that goes in, in the order of the work */
    public function doses(): array
    {
        return $this->procedure->doses();
    }

    /** Whether it may boil again once it is made. */
    public function mayBoil(): bool
    {
        return $this->procedure->mayBoil();
    }

    /**
     * @return int how many of its acts are done in its pan before the base is ladled in
     */
    public function actsBeforeLadle(): int
    {
        $before = 0;
        foreach ($this->procedure->acts as $at => $act) {
            $inFat = $act->kind === ActKind::StirIn && in_array($act->words, self::BEFORE_THE_BASE, true);
            if (
                !$inFat
                && !$act->kind->fries()
                && !in_array($act->kind, [ActKind::Prepare, ActKind::ReduceApart, ActKind::Deglaze], true)
            ) {
                break;
            }
            $before = $at + 1;
        }

        return $before;
    }

    /** @return list<Allergen> of what is added; those of the base come on top */
    public function allergens(Larder $larder): array
    {
        return Allergen::among(
            ...array_map(
                static fn(Dose $dose): array => $dose->perLitre > 0.0 ? $dose->kind($larder)->allergens ?? [] : [],
                $this->doses(),
            ),
        );
    }

    /**
     * A kitchen's own, begun from a base: what is stirred into it last.
     *
     * @param non-empty-string $id
     * @param list<Dose> $doses
     *
     * @throws Missing if nothing is
     */
    public static function begunFrom(Base $base, string $id, ThicknessClass $class, array $doses): self
    {
        return $doses === []
            ? throw Missing::from('sauce-of-its-own', 'addition')
            : new self(
                $id,
                $base->value,
                [],
                Procedure::of(Act::of(ActKind::StirIn, ...$doses)->between(null, self::OFF_THE_BOIL)),
                $class,
                $base->value,
            );
    }

    public function asThickAs(ThicknessClass $class): self
    {
        return new self($this->id, $this->parent, $this->stocks, $this->procedure, $class, $this->basedOn);
    }

    /**
     * A kitchen's own, begun from this one.
     *
     * @param non-empty-string $id
     * @param array<string, float> $perLitre by ingredient, in the dose's own measure; 0 leaves it out
     * @param list<Dose> $more what else goes in at the end
     *
     * @throws OutOfRange if an amount is out of all reason
     * @throws Unknown if the sauce has no such ingredient
     */
    public function ownVersion(string $id, array $perLitre = [], ?ThicknessClass $class = null, array $more = []): self
    {
        $procedure = $this->procedure->having($perLitre, 'part-of-the-sauce');

        return new self(
            $id,
            $this->parent,
            $this->stocks,
            $more === []
                ? $procedure
                : $procedure->adding(Act::of(ActKind::StirIn, ...$more)->saying('last'), count($procedure->acts)),
            $class ?? $this->class,
            $this->basedOn === '' ? $this->id : $this->basedOn,
        );
    }

    /**
     * The same with acts of the kitchen's own, in its own order.
     *
     * @param non-empty-string $id
     */
    public function workedAs(string $id, Procedure $procedure, ?ThicknessClass $class = null): self
    {
        return new self(
            $id,
            $this->parent,
            $this->stocks,
            $procedure,
            $class ?? $this->class,
            $this->basedOn === '' ? $this->id : $this->basedOn,
        );
    }

    /** @return list<Allergen> that what is added may hold, by its label */
    public function readLabel(Larder $larder): array
    {
        return Allergen::among(...array_map(
            static fn(Dose $dose): array => $dose->perLitre > 0.0 ? $dose->kind($larder)->readLabel ?? [] : [],
            $this->doses(),
        ));
    }

    /** @return list<string> ids of what is weighed, not counted or pinched */
    public function weighed(): array
    {
        return array_map(
            static fn(Dose $dose): string => $dose->ingredient,
            array_values(
                array_filter(
                    $this->doses(),
                    static fn(Dose $dose): bool => $dose->measure !== Measure::Pieces && $dose->fate !== Fate::Flavours,
                ),
            ),
        );
    }
}
