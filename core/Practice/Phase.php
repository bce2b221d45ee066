<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What there is in the pan to look at. */
enum Phase: string
{
    case Bare = 'bare';
    case Fat = 'fat';
    case Paste = 'paste';
    case Sauce = 'sauce';
}
