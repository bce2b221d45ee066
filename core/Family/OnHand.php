<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Volume;

/** A sauce that is in the cold already. */
final readonly class OnHand
{
    public function __construct(public string $sauce, public string $liquid, public Volume $volume) {}
}
