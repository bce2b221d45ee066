<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Procedure\Tools;
use Lento\Quantity\Temperature;

/** Where a sauce is made: the pan, what is in the larder, how the kitchen goes about it, and how high it lies. */
final readonly class InKitchen
{
    /**
     * @param Pan|null $pan one that suits if null; needed where it is the pan that is given
     * @param Larder|null $larder the house's if null
     * @param KitchenFactors|null $kitchen as it is known; the house's if null
     * @param Formula|null $formula the kitchen's own for the base; the house's if null
     * @param Temperature|null $boilsAt of water, where the kitchen lies high
     * @param Tools|null $tools its other pans and its ring; usual ones if null
     */
    public function __construct(
        public ?Pan $pan = null,
        public ?Larder $larder = null,
        public ?KitchenFactors $kitchen = null,
        public ?Formula $formula = null,
        public ?Temperature $boilsAt = null,
        public ?Tools $tools = null,
    ) {}
}
