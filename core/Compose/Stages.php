<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Thickness\Sauce;

/** A sauce before its simmer, after it, and finished. */
final readonly class Stages
{
    /**
     * @param Sauce $end in the pot after the simmer, salted
     * @param Sauce $finished strained and finished; the end itself where nothing finishes it
     */
    public function __construct(
        public Sauce $start,
        public Sauce $end,
        public Sauce $finished,
    ) {}
}
