<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Plan\Plan;

/** One pot of a service, as it is to be cooked. */
final readonly class Part
{
    /**
     * @param string $id of the sauce in its service
     * @param string|null $parent id of the pot that it is ladled from
     * @param Service|null $service when it is served; null where it is only ladled off
     * @param bool $fromCold whether the base that it is ladled from stands in the cold
     */
    public function __construct(
        public string $id,
        public string $name,
        public Plan $plan,
        public ?string $parent,
        public ?Service $service,
        public bool $fromCold = false,
    ) {}
}
