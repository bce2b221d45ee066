<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Quantity\Duration;

/** A visit that a pot wants every so often while a step lasts. */
final readonly class Tending
{
    public function __construct(public TendingKind $kind, public Duration $every) {}
}
