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
    /**
     * @internal made by FlowSolver
     *
     * @param Sheet|null $sheet of a base that is to be made
     * @param Derived|null $derived of a derivative that is to be made
     * @param Stem $stem all there is of it, made and on hand
     * @param Volume $made nothing where what is on hand is enough
     * @param Volume $onHand of it that is used
     * @param Volume $served of it as it is
     * @param list<Branch> $branches what is ladled off it
     * @param BaseThickness|null $thickness how thick a base is made and why
     */
    public function __construct(
        public Planned $planned,
        public ?Sheet $sheet,
        public ?Derived $derived,
        public Stem $stem,
        public Volume $made,
        public Volume $onHand,
        public Volume $served,
        public array $branches,
        public ?BaseThickness $thickness = null,
    ) {}

    public function isBase(): bool
    {
        return $this->planned->base !== null;
    }

    /** Whether it is a base that is served as it is made, from the pot it was made in. */
    public function isServedAsItIs(): bool
    {
        return $this->planned->derivative !== null && $this->planned->derivative->acts === [];
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
        return $this->stem->allergens;
    }
}
