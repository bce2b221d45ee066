<?php

declare(strict_types=1);

namespace Lento\Score;

enum StoreKind: string
{
    case Oven = 'oven';
    case IceBath = 'ice';
    case HotWell = 'hot';

    /** All pans of one size. */
    case Pans = 'pan';
}
