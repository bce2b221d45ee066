<?php

declare(strict_types=1);

namespace Lento\Exception;

use Throwable;

/**
 * Marks everything the core refuses, so that a caller can catch the core and nothing else.
 *
 * Each says what happened as facts: which quantity, its value, its bounds. Their messages are for whoever reads a log of the program; what
 * a
 * cook reads is made of the facts where it is shown.
 */
interface LentoException extends Throwable
{
    /** What kind of refusal, and of what: "thickness", "thickness-by-thinning". */
    public function about(): string;
}
