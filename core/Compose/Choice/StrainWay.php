<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** What becomes of the vegetables at the end. */
enum StrainWay: string
{
    case Strained = 'strained';
    case LeftIn = 'left-in';
    case Blended = 'blended';
}
