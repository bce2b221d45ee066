<?php

declare(strict_types=1);

namespace App\Practice;

use Lento\Practice\Debrief;

/** A pot that is talked over, with what was made of it. */
final readonly class Talk
{
    public function __construct(public RunningPractice $running, public Debrief $debrief) {}
}
