<?php

declare(strict_types=1);

namespace Lento\Shelf;

/** Why a sauce is thrown away. */
enum BinReason: string
{
    case CooledLate = 'cooled-late';
    case TooLongHot = 'too-long-hot';
    case PastUse = 'past-use';
    case Quality = 'quality';
    case Spilled = 'spilled';
    case TooMuch = 'too-much';
    case Other = 'other';
}
