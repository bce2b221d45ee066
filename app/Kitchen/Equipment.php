<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a kitchen cooks in and on. */
final readonly class Equipment
{
    /**
     * @param array<int, OwnPan> $pans by id
     * @param array<int, Ring> $hobs by id
     */
    public function __construct(public array $pans = [], public array $hobs = []) {}
}
