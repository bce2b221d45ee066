<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\Unknown;

/** All that a kitchen can reach for, by its plain name. */
final readonly class Larder
{
    /**
     * @param array<string, Thickener> $thickeners
     * @param array<string, Fat> $fats
     * @param array<string, Ingredient> $ingredients
     */
    private function __construct(private array $thickeners, private array $fats, private array $ingredients) {}

    /** The larder Lento ships with. */
    public static function house(): self
    {
        // Nothing in it ever changes, and every question begins with it.
        /** @var self|null $house */
        static $house = null;

        return $house ??= new self(
            array_column(ThickenerTable::rows(), null, 'id'),
            array_column([...FatTable::rows(), ...GarnishTable::fats()], null, 'id'),
            array_column([...IngredientTable::rows(), ...GarnishTable::rows()], null, 'id'),
        );
    }

    /** The same larder with one of the kitchen's own; it stands in for what goes by the same name. */
    public function with(Thickener|Fat|Ingredient $own): self
    {
        return new self(
            $own instanceof Thickener ? [...$this->thickeners, $own->id => $own] : $this->thickeners,
            $own instanceof Fat ? [...$this->fats, $own->id => $own] : $this->fats,
            $own instanceof Ingredient ? [...$this->ingredients, $own->id => $own] : $this->ingredients,
        );
    }

    /** @throws Unknown */
    public function thickener(string $id): Thickener
    {
        return $this->thickeners[$id] ?? throw Unknown::name('flour-or-starch', $id);
    }

    /** @throws Unknown */
    public function fat(string $id): Fat
    {
        return $this->fats[$id] ?? throw Unknown::name('fat', $id);
    }

    /** @throws Unknown */
    public function ingredient(string $id): Ingredient
    {
        return $this->ingredients[$id] ?? throw Unknown::name('ingredient', $id);
    }

    /** @throws Unknown */
    public function any(string $id): Thickener|Fat|Ingredient
    {
        return $this->thickeners[$id] ?? $this->fats[$id] ?? $this->ingredient($id);
    }

    public function has(string $id): bool
    {
        return isset($this->thickeners[$id]) || isset($this->fats[$id]) || isset($this->ingredients[$id]);
    }

    /** @return list<string> ids of those that a roux can be made with */
    public function fatNames(): array
    {
        return array_keys(array_filter($this->fats, static fn(Fat $fat): bool => $fat->makesRoux));
    }

    /** @return list<string> ids of all that can go into a sauce as it is: fats and ingredients, no bare thickener */
    public function names(): array
    {
        return [...array_keys($this->fats), ...array_keys($this->ingredients)];
    }

    /** @return list<string> ids of what can be the liquid of a sauce */
    public function liquidNames(): array
    {
        return array_keys(array_filter($this->ingredients, static fn(Ingredient $i): bool => $i->role === Role::Liquid));
    }
}
