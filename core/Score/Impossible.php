<?php

declare(strict_types=1);

namespace Lento\Score;

/** That there is no plan, and the rules that collide, in order. */
final readonly class Impossible
{
    /**
     * @param list<Clause> $because
     * @param int $over minutes by which they miss one another; 0 where it is no matter of minutes
     */
    public function __construct(public Reason $reason, public array $because, public int $over = 0) {}
}
