<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Sheet;
use Lento\Larder\Allergen;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;

/** One sauce of a service worked out: made how, how much of it, and where it goes. */
final readonly class FlowNode
{
    public ?Sheet $sheet;

    public ?Derived $derived;

    public Volume $made;

    public Volume $onHand;

    public Volume $served;

    /**
     * @internal made by FlowSolver
     *
     * @param Stem $stem all there is of it, made and on hand
     * @param list<Branch> $branches what is ladled off it
     * @param BaseThickness|null $thickness how thick a base is made and why
     */
    public function __construct(
        public Planned $planned,
        ToBeMade $recipe,
        public Stem $stem,
        HowMuch $shares,
        public array $branches,
        public ?BaseThickness $thickness = null,
    ) {
        $this->sheet = $recipe->sheet;
        $this->derived = $recipe->derived;
        $this->made = $shares->made;
        $this->onHand = $shares->onHand;
        $this->served = $shares->served;
    }

    public function isBase(): bool
    {
        return $this->planned->base !== null;
    }

    /** Whether it is a base that is served as it is made, from the pot it was made in. */
    public function isServedAsItIs(): bool
    {
        return $this->planned->derivative !== null && $this->planned->derivative->procedure->acts === [];
    }

    public function volume(): Volume
    {
        return Volume::ofLitres($this->made->inLitres() + $this->onHand->inLitres());
    }

    /** What nobody asked for: the least pot was larger than the need. */
    public function over(): Volume
    {
        $gone = $this->served->inLitres();
        foreach ($this->branches as $branch) {
            $gone += $branch->taken->inLitres();
        }

        return Volume::ofLitres(max(0.0, $this->volume()->inLitres() - $gone));
    }

    public function thickness(): EquivalentFlour
    {
        return $this->stem->thickness();
    }

    /** @return list<Allergen> */
    public function allergens(): array
    {
        return $this->stem->carries->allergens;
    }

    /** @return list<Allergen> that something bought in it may hold, by its label */
    public function readLabel(): array
    {
        return Allergen::besides($this->stem->carries->allergens, $this->stem->carries->readLabel);
    }
}
