<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a kitchen has found out about an ingredient; null for what nobody has. */
final readonly class LarderFacts
{
    /** @param string|null $allergens "milk egg", or LarderLine::NONE where that was checked */
    public function __construct(
        public ?float $pricePerKilogram,
        public ?float $saltPercent,
        public ?float $fatPercent,
        public ?string $allergens = null,
    ) {}
}
