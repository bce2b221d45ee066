<?php

declare(strict_types=1);

namespace Lento\Plan;

/** The words of a step as an older Lento kept them, which wrote no amounts that they could be said from. */
final readonly class Said
{
    /** @param list<string> $ticks what is ticked off one by one */
    public function __construct(public string $title, public string $cue, public string $caution, public array $ticks) {}
}
