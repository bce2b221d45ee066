<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** Why a stay cannot be closed: another pot is there in between. */
final readonly class Blocked
{
    /** @param int $minute the first at which the other is there, or the store is full; NONE where it is from the very first on */
    public function __construct(public int $stay, public int $minute) {}
}
