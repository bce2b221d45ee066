<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** What one plan is worked out from: in which order its phrases or units go in, and what is asked of single tasks. */
final readonly class Line
{
    /**
     * @param array<int, int> $order of phrases, or of units
     * @param array<int, int> $granted minutes after its due that each serving may be ready
     * @param array<int, int> $rings liked by stays
     * @param array<int, int> $caps latest starts of tasks that are held back
     * @param array<int, int> $keeps starts of tasks to be kept if they can
     * @param bool $fine whether the order is of units
     * @param array<int, int>|null $held minutes beyond what anybody likes that each serving may be kept hot; null for as long as it may
     */
    private function __construct(
        public array $order,
        public array $granted,
        public array $rings = [],
        public array $caps = [],
        public array $keeps = [],
        public bool $fine = false,
        public ?array $held = null,
    ) {}

    /**
     * @param array<int, int> $order of phrases
     * @param array<int, int> $granted
     */
    public static function of(array $order, array $granted): self
    {
        return new self($order, $granted);
    }

    /** @param array<int, int> $order */
    public function inOrder(array $order): self
    {
        return new self($order, $this->granted, $this->rings, $this->caps, $this->keeps, $this->fine, $this->held);
    }

    /** @param array<int, int> $order */
    public function ofGrain(bool $fine, array $order): self
    {
        return new self($order, $this->granted, $this->rings, $this->caps, $this->keeps, $fine, $this->held);
    }

    /** @param array<int, int> $granted */
    public function granting(array $granted): self
    {
        return new self($this->order, $granted, $this->rings, $this->caps, $this->keeps, $this->fine, $this->held);
    }

    /** @param array<int, int>|null $held */
    public function keptHot(?array $held): self
    {
        return new self($this->order, $this->granted, $this->rings, $this->caps, $this->keeps, $this->fine, $held);
    }

    /** @param array<int, int> $rings */
    public function onRings(array $rings): self
    {
        return new self($this->order, $this->granted, $rings, $this->caps, $this->keeps, $this->fine, $this->held);
    }

    /** @param array<int, int> $caps */
    public function holding(array $caps): self
    {
        return new self($this->order, $this->granted, $this->rings, $caps, $this->keeps, $this->fine, $this->held);
    }

    /** @param array<int, int> $keeps */
    public function keeping(array $keeps): self
    {
        return new self($this->order, $this->granted, $this->rings, $this->caps, $keeps, $this->fine, $this->held);
    }
}
