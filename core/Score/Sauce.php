<?php

declare(strict_types=1);

namespace Lento\Score;

/** A pot of a service: a sauce that is served, or a base that is only ladled off. */
final readonly class Sauce
{
    /**
     * @param string $last the task after which it is ready
     * @param Service|null $service null for a base that is only ladled off
     * @param string|null $parent the sauce whose pot it is made of
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $last,
        public ?Service $service,
        public ?string $parent = null,
    ) {}
}
