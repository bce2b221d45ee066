<?php

declare(strict_types=1);

namespace Lento\Drill;

/** What is drilled in half a minute. */
enum DrillKind: string
{
    case Spoon = 'spoon';
    case Shade = 'shade';
    case Depth = 'depth';
    case Notch = 'notch';
    case Head = 'head';
    case Next = 'next';
    case Remedy = 'remedy';
}
