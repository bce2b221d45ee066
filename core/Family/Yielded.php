<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;
use Lento\Thickness\Sauce;

/** The sauce of a derivative as it comes about: ladled in, as its base alone makes it, corrected and served. */
final readonly class Yielded
{
    /**
     * @param Sauce $stands in its pan when the base has been ladled in
     * @param float $keeps share of the sauce that comes out of its pan: the rest clings to it, or to what is taken out
     * @param Sauce $uncorrected what its base alone made of it
     * @param Sauce $sauce corrected and served
     * @param Sauce $pieces that stay in
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Sauce $stands,
        public float $keeps,
        public Sauce $uncorrected,
        public Sauce $sauce,
        public Sauce $pieces,
    ) {
        OutOfRange::refuse('share-that-comes-out', $keeps, 0.0, 1.0, '');
    }
}
