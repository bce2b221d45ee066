<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Larder\Allergen;
use Lento\Larder\Fat;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;

/** What this kitchen knows better of an ingredient: its price, its salt; or one of its own, told by one it resembles. */
final readonly class LarderLine
{
    /** Looked up, and none of the fourteen is in it. */
    public const NONE = 'none';

    public ?float $pricePerKilogram;

    public ?float $saltPercent;

    public ?float $fatPercent;

    public ?string $allergens;

    /**
     * @param non-empty-string $like the larder id that it is or, for one of the kitchen's own, resembles
     * @param string|null $name of one of the kitchen's own
     */
    public function __construct(
        public int $id,
        public string $like,
        public ?string $name,
        LarderFacts $facts,
    ) {
        $this->pricePerKilogram = $facts->pricePerKilogram;
        $this->saltPercent = $facts->saltPercent;
        $this->fatPercent = $facts->fatPercent;
        $this->allergens = $facts->allergens;
    }

    /** @return non-empty-string the larder id it goes by */
    public function larderId(): string
    {
        return $this->name === null ? $this->like : 'own-' . $this->id;
    }

    /** @return list<Allergen> that somebody has looked up */
    public function contains(): array
    {
        return array_values(array_filter(array_map(Allergen::tryFrom(...), explode(' ', $this->allergens ?? ''))));
    }

    /** The larder with what is known of it; as it was where nothing but a price is. */
    public function into(Larder $larder): Larder
    {
        $kind = $larder->any($this->like);
        $fat = $this->fatPercent === null ? null : $this->fatPercent / 100.0;
        if ($kind instanceof Thickener || $this->name === null && $this->saltPercent === null && $fat === null) {
            return $larder;
        }

        $own = $kind instanceof Fat
            ? $kind->similar($this->larderId(), fat: $fat)
            : $kind->similar($this->larderId(), fat: $fat, salt: $this->saltPercent === null ? null : $this->saltPercent / 100.0);

        return $larder->with($this->allergens === null ? $own : $own->labelled($this->larderId(), $this->contains()));
    }
}
