<?php

declare(strict_types=1);

namespace Lento\Score;

/** A service in time. */
final readonly class Solution
{
    /**
     * @param array<string, Placed> $tasks by id
     * @param array<string, string> $rings by stay
     * @param list<MadeVisit> $visits
     */
    public function __construct(public array $tasks, public array $rings, public array $visits) {}
}
