<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;

/** One of the kitchen's pans, measured inside with a ruler. */
final readonly class OwnPan
{
    public function __construct(
        public int $id,
        public string $name,
        public int $millimetresWide,
        public int $millimetresHigh,
        public PanBase $base,
        public ?int $grams,
    ) {}

    public function measured(): Pan
    {
        return Pan::of(
            Length::ofMillimetres((float) $this->millimetresWide),
            Length::ofMillimetres((float) $this->millimetresHigh),
            $this->grams === null ? null : Mass::ofGrams((float) $this->grams),
            $this->base,
        );
    }
}
