<?php

declare(strict_types=1);

namespace Lento\Score;

/** One evening of a plan. */
final readonly class Played
{
    /**
     * @param array<string, float> $ends minute at which each task was done
     * @param array<string, string|null> $held what each was held up by; null where it began as planned
     */
    public function __construct(public array $ends, private array $held) {}

    /** @return list<string> the task, and all that held it up, one after another */
    public function behind(string $task): array
    {
        $chain = [$task];
        while (($before = $this->held[$chain[count($chain) - 1]] ?? null) !== null && count($chain) <= count($this->held)) {
            $chain[] = $before;
        }

        return $chain;
    }
}
