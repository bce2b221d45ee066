<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateTimeImmutable;
use Lento\Quantity\Temperature;

/** A thermometer in the middle of the sauce, once. */
final readonly class CoolingReading
{
    public function __construct(public DateTimeImmutable $at, public Temperature $temperature) {}
}
