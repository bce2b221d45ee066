<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Pot\Pan;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;

/** What follows from how large a pot is. */
final readonly class PotSize
{
    /**
     * @param Duration $time of all its steps
     * @param Duration|null $roux until it has its colour; null where there is none
     * @param int<0, max> $pours
     * @param Volume $steam water that it gives off
     */
    public function __construct(
        public Volume $makes,
        public Pan $pan,
        public Duration $time,
        public ?Duration $roux,
        public int $pours,
        public Volume $steam,
    ) {}

    /** @return float part of what it makes that goes off as steam */
    public function steamPerLitre(): float
    {
        return $this->makes->cubicMetres > 0.0 ? $this->steam->cubicMetres / $this->makes->cubicMetres : 0.0;
    }
}
