<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** The sauce as it was foreseen: when all of it stands in the pot, when it is tested, and as it is served. */
final readonly class Sauces
{
    /**
     * @param string $standsFrom id of the step at whose beginning all of it is in the pot
     * @param string $boilsFrom id of the step at whose beginning it has come to the boil
     * @param Sauce $start what is in the pot then
     * @param Sauce $tested as thick as it should be when it is tested
     * @param Sauce $served strained and finished, without the pieces that stay in
     * @param Volume $pieces what those take
     * @param float $spread standard deviation of the logarithm of its thickness
     */
    private function __construct(
        public string $standsFrom,
        public string $boilsFrom,
        public Sauce $start,
        public Sauce $tested,
        public Sauce $served,
        public Volume $pieces,
        public float $spread,
    ) {}

    /** @throws OutOfRange if the spread is none that a forecast can have */
    public static function of(
        FromSteps $from,
        Sauce $start,
        Sauce $tested,
        Sauce $served,
        Volume $pieces,
        float $spread,
    ): self {
        OutOfRange::refuse('spread-of-a-thickness', $spread, 0.0, 2.0, '');

        return new self($from->stands, $from->boils, $start, $tested, $served, $pieces, $spread);
    }
}
