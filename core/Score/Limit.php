<?php

declare(strict_types=1);

namespace Lento\Score;

/** What bounds the span: a chain of tasks, or work that must share so many of something. */
final readonly class Limit
{
    /**
     * @param list<string> $what names of the skill, rings or store
     * @param int $minutes of work
     * @param int $units that share it
     */
    public function __construct(public LimitKind $kind, public array $what = [], public int $minutes = 0, public int $units = 1) {}
}
