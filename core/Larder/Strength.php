<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Temperature;

/** How strongly a flour or starch thickens, from when, for how long, and how it tastes while raw. */
final readonly class Strength
{
    public const LEAST_POWER = 0.2;

    public const MOST_POWER = 4.0;

    /**
     * @param float $power thickening per gram against plain flour = 1; 0.2 to 4
     * @param Temperature $swelling where half of it has gelatinised
     * @param float $longSimmerLoss share of the thickening a very long simmer takes away
     * @param float $rawTaste cereal taste per gram while raw, against plain flour = 1
     *
     * @throws OutOfRange
     */
    public function __construct(public float $power, public Temperature $swelling, public float $longSimmerLoss, public float $rawTaste)
    {
        OutOfRange::refuse('thickening-power', $power, self::LEAST_POWER, self::MOST_POWER, '');
        Parts::refuse(['long-simmer loss' => $longSimmerLoss]);
        OutOfRange::refuse('raw-taste', $rawTaste, 0.0, self::MOST_POWER, '');
    }

    public function ofPower(float $power): self
    {
        return new self($power, $this->swelling, $this->longSimmerLoss, $this->rawTaste);
    }
}
