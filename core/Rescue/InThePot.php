<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** What is in a pot in trouble, as far as one knows. */
final readonly class InThePot
{
    /**
     * @param Sauce $sauce what is in the pot, as far as one knows
     * @param Temperature $temperature of it now
     */
    public function __construct(
        public Sauce $sauce,
        public Temperature $temperature,
        public Condition $condition = new Condition(),
    ) {}
}
