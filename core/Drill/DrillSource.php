<?php

declare(strict_types=1);

namespace Lento\Drill;

use Lento\Compose\Base;
use Lento\Larder\Larder;
use Lento\Plan\Plan;
use Lento\Pot\Pan;

/** What drills are taken from: the pans of a kitchen, a sauce that it makes, and its larder. */
final readonly class DrillSource
{
    /** @param non-empty-list<Pan> $pans */
    public function __construct(public array $pans, public Plan $plan, public Base $root, public Larder $larder) {}
}
