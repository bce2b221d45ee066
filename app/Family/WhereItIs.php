<?php

declare(strict_types=1);

namespace App\Family;

use Lento\Pot\Pan;

/** Where a base in hand is looked at, where something is made of it, and the pan that this can be done in, if it stands in one. */
final readonly class WhereItIs
{
    public function __construct(public string $page, public string $makes, public ?Pan $pan = null) {}
}
