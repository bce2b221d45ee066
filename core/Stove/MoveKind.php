<?php

declare(strict_types=1);

namespace Lento\Stove;

/** What there is to do about a sauce's thickness. */
enum MoveKind: string
{
    case BoilFirst = 'boil-first';
    case GoOn = 'go-on';
    case Reduce = 'reduce';
    case Thin = 'thin';
    case Thicken = 'thicken';
    /** It may not boil any more: thickened in a part of it, or with starch that was boiled apart. */
    case ThickenApart = 'thicken-apart';
    case CookOut = 'cook-out';
    case Right = 'right';
}
