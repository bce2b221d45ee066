<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Family\Stem;
use Lento\Shelf\Lot;

/** A lot as the core reckons with it, and what others are made of it. */
final readonly class LotFacts
{
    /**
     * @param Stem|null $stem null where nobody knows what is in it
     * @param string $colour to draw it in
     * @param string $rulesAsOf since when its rules read so, where the kitchen has said
     */
    public function __construct(public Lot $lot, public ?Stem $stem, public string $colour, public string $rulesAsOf = '') {}
}
