<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Duration;

/** A trouble at its first moment. */
final readonly class Happening
{
    /** @param string $about larder name of what was added, or empty */
    public function __construct(public Duration $at, public Mishap $trouble, public string $about = '') {}
}
