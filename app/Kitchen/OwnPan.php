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
    public int $millimetresWide;

    public int $millimetresHigh;

    public ?int $millimetresLong;

    public function __construct(
        public int $id,
        public string $name,
        PanSize $size,
        public PanBase $base,
        public ?int $grams,
    ) {
        $this->millimetresWide = $size->wide;
        $this->millimetresHigh = $size->high;
        $this->millimetresLong = $size->long;
    }

    public function measured(): Pan
    {
        [$wide, $high] = [Length::ofMillimetres((float) $this->millimetresWide), Length::ofMillimetres((float) $this->millimetresHigh)];
        $mass = $this->grams === null ? null : Mass::ofGrams((float) $this->grams);

        return $this->millimetresLong === null
            ? Pan::of($wide, $high, $mass, $this->base)
            : Pan::rectangular(Length::ofMillimetres((float) $this->millimetresLong), $wide, $high, $mass, $this->base);
    }
}
