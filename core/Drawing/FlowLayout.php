<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Where the pans of one row of a flow stand: the ends side by side at the bottom, each pan over the middle of what is made of it. */
final readonly class FlowLayout
{
    private const TOP = 10.0;

    /** px from one level of pans to the next, rim to rim; the last one holds the additions and the gate. */
    private const LEVEL = 186.0;

    private const DEEPER = 106.0;

    /** Where in its column a fall comes down: what joins it and its words stand to the left. */
    private const CENTRE = 0.56;

    /**
     * @param list<FlowSauce> $ends
     * @param array<string, float> $x where each comes down, by key
     * @param array<string, int<0, max>> $levels how many pans lie above each
     */
    private function __construct(private array $ends, private array $x, private array $levels, private int $deepest) {}

    /** @param non-empty-list<FlowSauce> $sauces each base before what is made of it */
    public static function of(array $sauces): self
    {
        $ends = FlowDrawing::ends($sauces);
        [$x, $levels, $deepest] = [[], [], 1];
        foreach ($ends as $i => $end) {
            $x[$end->key] = ($i + self::CENTRE) * self::column();
        }
        foreach (array_reverse($sauces) as $sauce) {
            $under = array_values(array_filter($sauces, static fn(FlowSauce $one): bool => $one->from === $sauce->key));
            $x[$sauce->key] ??= array_sum(array_map(static fn(FlowSauce $one): float => $x[$one->key], $under)) / max(1, count($under));
        }
        foreach ($sauces as $sauce) {
            $levels[$sauce->key] = $sauce->from === null ? 0 : ($levels[$sauce->from] ?? 0) + 1;
            $deepest = max($deepest, $levels[$sauce->key]);
        }

        return new self($ends, $x, $levels, $deepest);
    }

    /** px that an end has for itself. */
    public static function column(): float
    {
        return FlowDrawing::WIDTH / FlowDrawing::COLUMNS;
    }

    public function x(FlowSauce $sauce): float
    {
        return $this->x[$sauce->key];
    }

    public function isEnd(FlowSauce $sauce): bool
    {
        return in_array($sauce, $this->ends, true);
    }

    /** y of the rim of its pan; all ends stand on one line. */
    public function rim(FlowSauce $sauce): float
    {
        return $this->rimAt($sauce->from === null ? 0 : ($this->isEnd($sauce) ? $this->deepest : $this->levels[$sauce->key]));
    }

    public function bottom(): float
    {
        return $this->rimAt($this->deepest);
    }

    /** x where its words may begin. */
    public function left(FlowSauce $sauce): ?float
    {
        $i = array_search($sauce, $this->ends, true);

        return $i === false ? null : $i * self::column();
    }

    /** @return int<0, max> lines of notes under the ends */
    public function notes(): int
    {
        return max([0, ...array_map(static fn(FlowSauce $end): int => count($end->notes), $this->ends)]);
    }

    private function rimAt(int $level): float
    {
        return self::TOP + self::DEEPER * min($level, $this->deepest - 1) + ($level === $this->deepest ? self::LEVEL : 0.0);
    }
}
