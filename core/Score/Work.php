<?php

declare(strict_types=1);

namespace Lento\Score;

/** What there is to do. */
final readonly class Work
{
    /**
     * @param list<Sauce> $sauces
     * @param list<Task> $tasks
     * @param list<Lag> $lags
     * @param list<Stay> $stays
     */
    public function __construct(public array $sauces, public array $tasks, public array $lags, public array $stays) {}
}
