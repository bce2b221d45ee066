<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Quantity\Temperature;
use Lento\Roux\Colour;

/** What roux a cook wants. What is left out is the formula's. */
final readonly class RouxWish
{
    /**
     * @param string|null $fat larder id
     * @param float $fatToFlour by mass, 0.5 to 3
     * @param HobHeat $heat under it
     * @param Temperature|null $oven of its air, where the roux is cooked there; 175 °C if null
     * @param HeldFormula|null $held a cook's own formula, from which the thickness follows; null where that is asked for
     *
     * @throws OutOfRange if the ratio lies outside what the model is valid for
     */
    public function __construct(
        public ?Colour $colour = null,
        public ?string $fat = null,
        public float $fatToFlour = 1.0,
        public HobHeat $heat = HobHeat::Medium,
        public ?Temperature $oven = null,
        public ?HeldFormula $held = null,
    ) {
        OutOfRange::refuse('fat-to-flour', $fatToFlour, Question::LEAST_RATIO, Question::MOST_RATIO, 'to 1');
    }
}
