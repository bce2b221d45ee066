<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\PartMeasure;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Thickness\ThicknessClass;

/** A sauce finished from a base, or from another sauce that is: what is done to a litre of it, and how thick it is then. */
final readonly class Derivative
{
    /**
     * @param non-empty-string $id
     * @param string $parent the id of a base or of another derivative
     * @param list<string> $stocks the stocks its base may be made with, the usual one first; empty where any will do
     * @param list<Act> $acts none for a base that is served as it is
     * @param string $basedOn the shipped sauce that a kitchen's own began as; empty for a shipped one
     */
    public function __construct(
        public string $id,
        public string $parent,
        public array $stocks,
        public array $acts,
        public ThicknessClass $class,
        public string $basedOn = '',
    ) {}

    /** A base that is served as it is. */
    public static function asItIs(Base $base, ThicknessClass $class): self
    {
        return new self($base->value, $base->value, [], [], $class);
    }

    /** @return list<Dose> all that goes in, in the order of the work */
    public function doses(): array
    {
        return array_merge(...array_map(static fn(Act $act): array => $act->doses, $this->acts));
    }

    /** Whether it may boil again once it is made. */
    public function mayBoil(): bool
    {
        return array_filter($this->acts, static fn(Act $act): bool => $act->kind === ActKind::OffTheBoil) === [];
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
            : new self($id, $base->value, [], [Act::offTheBoil(...$doses)], $class, $base->value);
    }

    public function asThickAs(ThicknessClass $class): self
    {
        return new self($this->id, $this->parent, $this->stocks, $this->acts, $class, $this->basedOn);
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
        $known = array_map(static fn(Dose $dose): string => $dose->ingredient, $this->doses());
        foreach (array_diff(array_keys($perLitre), $known) as $name) {
            throw Unknown::name('part-of-the-sauce', $name);
        }
        $changed = static fn(Dose $dose): Dose => isset($perLitre[$dose->ingredient]) ? $dose->of($perLitre[$dose->ingredient]) : $dose;
        $acts = array_map(static fn(Act $act): Act => $act->with(array_map($changed, $act->doses)), $this->acts);

        return new self(
            $id,
            $this->parent,
            $this->stocks,
            $more === [] ? $acts : [...$acts, Act::atTheEnd(...$more)],
            $class ?? $this->class,
            $this->basedOn === '' ? $this->id : $this->basedOn,
        );
    }

    /** @return list<string> ids of what is weighed, not counted or pinched */
    public function weighed(): array
    {
        return array_map(
            static fn(Dose $dose): string => $dose->ingredient,
            array_values(
                array_filter(
                    $this->doses(),
                    static fn(Dose $dose): bool => $dose->measure !== PartMeasure::Pieces && $dose->fate !== Fate::Flavours,
                ),
            ),
        );
    }
}
