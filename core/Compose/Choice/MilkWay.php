<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** The state of the milk when it meets the roux. */
enum MilkWay: string
{
    case Infused = 'infused';
    case Cold = 'cold';
    case Warmed = 'warmed';
}
