<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** Where a stay is, and how long it lasts at the least. */
final readonly class Spot
{
    /**
     * @param int|null $store null for a ring
     * @param int|null $at °C, of a store that can be only one way at a time
     * @param int|null $serve minute at which it ends with the serving
     * @param int $least minutes
     * @param bool $begun whether it has begun: then only what lies after now counts
     */
    public function __construct(public ?int $store, public ?int $at, public ?int $serve, public int $least, public bool $begun) {}

    public function servedAt(int $minute): self
    {
        return new self($this->store, $this->at, $minute, $this->least, $this->begun);
    }
}
