<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Thickness\EquivalentFlour;

/** How thick a base must be for one of its sauces to come out in its class without any correction. */
final readonly class Suits
{
    /**
     * @param string $key of the sauce
     * @param EquivalentFlour $from of the base
     * @param bool $suited whether the thickness the base is made with lies within
     */
    public function __construct(public string $key, public EquivalentFlour $from, public EquivalentFlour $to, public bool $suited) {}
}
