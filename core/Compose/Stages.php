<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Thickness\Sauce;

/** A sauce before its simmer, after it, and finished. */
final readonly class Stages
{
    /**
     * @param Sauce $read in the pot as the simmer ends, when the dip-stick is read
     * @param Sauce $end salted, and as cool as what finishes it wants it
     * @param Sauce $finished strained and finished; the end itself where nothing finishes it
     */
    public function __construct(
        public Sauce $start,
        public Sauce $read,
        public Sauce $end,
        public Sauce $finished,
    ) {}
}
