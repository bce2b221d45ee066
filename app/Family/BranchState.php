<?php

declare(strict_types=1);

namespace App\Family;

use DateTimeImmutable;

/** Where the pot of one sauce of a service stands. */
final readonly class BranchState
{
    /**
     * @param array<string, DateTimeImmutable> $ladles when which sauce was ladled off it, by key
     * @param bool $ready whether it is off its simmer, to be ladled from
     */
    public function __construct(public int $potId, public ?DateTimeImmutable $finishedAt, public array $ladles, public bool $ready) {}
}
