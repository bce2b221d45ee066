<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * That a pot is somewhere, from one event to another, whatever waits lie between: on a ring, in the oven, in a pan, in the hot well.
 */
final readonly class Stay
{
    /**
     * @param string $from task at whose start it begins
     * @param list<string>|null $to tasks with the latest of whose ends it ends; null until the sauce is served
     * @param string|null $store null for a ring
     * @param bool $fromEnd it begins with the end of its first task
     */
    public function __construct(
        public string $id,
        public string $from,
        public ?array $to,
        public ?string $store,
        public Wants $wants,
        public bool $fromEnd = false,
    ) {}

    public function isOnARing(): bool
    {
        return $this->store === null;
    }
}
