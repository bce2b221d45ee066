<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** A line, the plan it gave, and what that is worth. */
final readonly class Tried
{
    /** Stands for the worth of no plan: worse than any. */
    private const NOTHING = 1_000_000;

    /** @param array{int, int, int, int, int, int, int} $value */
    private function __construct(public Line $line, public ?Plan $plan, public array $value, public ?self $front = null) {}

    public static function of(Line $line, ?Plan $plan, Problem $problem): self
    {
        return new self($line, $plan, $plan?->value($problem) ?? array_fill(0, 7, self::NOTHING));
    }

    /** Which came of this one, with the clock turned round. */
    public function behind(self $front): self
    {
        return new self($this->line, $this->plan, $this->value, $front);
    }

    public function isBetterThan(?self $other): bool
    {
        return $other === null || $this->value < $other->value;
    }

    /** Whether it begins nothing before now. */
    public function isTimely(): bool
    {
        return $this->value[0] === 0;
    }

    public function clashes(): int
    {
        return $this->value[1];
    }

    public function late(): int
    {
        return $this->value[2];
    }

    public function held(): int
    {
        return $this->value[3];
    }

    public function span(): int
    {
        return $this->value[5];
    }

    /** @return array<int, int> what comes before the span */
    public function beforeSpan(): array
    {
        return array_slice($this->value, 0, 5);
    }

    /** @param array<int, int> $least no plan can be better than */
    public function meets(array $least): bool
    {
        return array_slice($this->value, 0, 6) <= [0, ...$least];
    }
}
