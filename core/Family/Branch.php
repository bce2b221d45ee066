<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Volume;

/** What is ladled off a sauce for another that is made of it. */
final readonly class Branch
{
    /** @param string $to the key of that sauce */
    public function __construct(public string $to, public Volume $taken) {}
}
