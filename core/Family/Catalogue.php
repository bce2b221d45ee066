<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\Unknown;

/** All bases and all that is made of them, as a family: who comes from whom. */
final readonly class Catalogue
{
    /** A demi-glace is a base that is itself made from one. */
    private const MADE_FROM = ['demi-glace' => 'espagnole'];

    /** @param array<string, Derivative> $derivatives by id */
    private function __construct(private array $derivatives) {}

    public static function house(): self
    {
        return new self(HouseDerivatives::all());
    }

    /** The same with one of the kitchen's own; it stands in for what goes by the same name. */
    public function with(Derivative $own): self
    {
        return new self([...$this->derivatives, $own->id => $own]);
    }

    public function has(string $id): bool
    {
        return isset($this->derivatives[$id]) || Base::tryFrom($id) !== null;
    }

    /** @throws Unknown */
    public function derivative(string $id): Derivative
    {
        return $this->derivatives[$id] ?? throw Unknown::name('sauce', $id);
    }

    /** @return array<string, Derivative> by id */
    public function derivatives(): array
    {
        return $this->derivatives;
    }

    /** The base if it is one; null for a derivative. */
    public function base(string $id): ?Base
    {
        return Base::tryFrom($id);
    }

    public function parentOf(string $id): ?string
    {
        return ($this->derivatives[$id] ?? null)->parent ?? self::MADE_FROM[$id] ?? null;
    }

    /** @return list<string> what is made of it, bases first */
    public function childrenOf(string $id): array
    {
        return [
            ...array_keys(array_filter(self::MADE_FROM, static fn(string $parent): bool => $parent === $id)),
            ...array_keys(array_filter($this->derivatives, static fn(Derivative $one): bool => $one->parent === $id)),
        ];
    }

    /** @return non-empty-list<string> from the first base down to it */
    public function lineage(string $id): array
    {
        $line = [$id];
        for ($parent = $this->parentOf($id); $parent !== null && !in_array($parent, $line, true); $parent = $this->parentOf($parent)) {
            array_unshift($line, $parent);
        }

        return $line;
    }

    /**
     * The base it is ladled from in the end: a demi-glace for the brown ones, whose espagnole lies one further up.
     *
     * @throws Unknown if its line ends in nothing this kitchen makes
     */
    public function root(string $id): Base
    {
        foreach (array_reverse($this->lineage($id)) as $one) {
            $base = Base::tryFrom($one);
            if ($base !== null) {
                return $base;
            }
        }

        throw Unknown::name('sauce', $id);
    }

    /**
     * What the base may be made with for it, the usual one first.
     *
     * @return non-empty-list<string>
     *
     * @throws Unknown
     */
    public function liquids(string $id): array
    {
        $liquids = Formula::house($this->root($id))->liquids;
        foreach ($this->lineage($id) as $one) {
            $stocks = ($this->derivatives[$one] ?? null)->stocks ?? [];
            $liquids = $stocks === [] ? $liquids : array_values(array_intersect($stocks, $liquids));
        }

        return $liquids === [] ? Formula::house($this->root($id))->liquids : $liquids;
    }
}
