<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Typed\FieldFault;

/** Which sauce is looked at, how much of it, and what is wrong with that. */
final readonly class SauceAsked
{
    /** @param string $litres as typed */
    public function __construct(public string $sauce, public string $liquid, public string $litres, public ?FieldFault $fault) {}
}
