<?php

declare(strict_types=1);

namespace Lento\Course;

/** What a cook says after a taste, in one tap. */
enum Taste: string
{
    case Right = 'right';
    case RawFlour = 'raw-flour';
    case NeedsSalt = 'needs-salt';
    case TooSalty = 'too-salty';
}
