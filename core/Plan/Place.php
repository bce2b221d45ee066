<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Learning\KitchenFactors;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Quantity\Temperature;

/** Where a pot is cooked, as it was known when it was put on: its pan, what the kitchen had learnt, its height above the sea. */
final readonly class Place
{
    /**
     * @param Temperature|null $boilsAt of water; null at the sea
     * @param Lid $lid on it through the main simmer
     */
    public function __construct(
        public Pan $pan,
        public KitchenFactors $kitchen,
        public ?Temperature $boilsAt = null,
        public Lid $lid = Lid::Open,
    ) {}
}
