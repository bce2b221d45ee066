<?php

declare(strict_types=1);

namespace Lento\Score;

/** What no plan can do better than. */
final readonly class Bound
{
    /**
     * @param Objective $least no bound is known of what comes after the span: nought
     * @param Limit $by what the span is bounded by
     */
    public function __construct(public Objective $least, public Limit $by) {}
}
