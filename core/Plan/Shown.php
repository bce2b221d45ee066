<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Quantity\Length;
use Lento\Thickness\SpoonWord;

/** What the spoon is to show: its word, and the film on its back. */
final readonly class Shown
{
    public function __construct(public SpoonWord $spoon, public Length $film) {}
}
