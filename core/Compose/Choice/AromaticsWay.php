<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** How the aromatics give their taste. */
enum AromaticsWay: string
{
    case Sweated = 'sweated';
    case Apart = 'apart';
    case Infused = 'infused';
    case Sachet = 'sachet';
    case None = 'none';
}
