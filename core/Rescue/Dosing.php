<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** What a remedy puts in or takes off. */
final readonly class Dosing
{
    /**
     * @param Volume|null $liquid that goes in or comes off
     * @param Mass|null $solid that goes in, comes off, or is lost: flour, fat, thickener
     * @param Means|null $means how a late thickener is mixed
     * @param list<array{string, Mass}> $goesIn larder ids and weights of all that goes in
     */
    public function __construct(
        public ?Volume $liquid = null,
        public ?Mass $solid = null,
        public ?Means $means = null,
        public array $goesIn = [],
    ) {}
}
