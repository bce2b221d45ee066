<?php

declare(strict_types=1);

namespace Lento\Compose;

/** Stable names of the warnings: other programs match on them. */
enum WarningCode: string
{
    case PanOverflows = 'pan-overflows';
    case PanTooFull = 'pan-too-full';
    case FatFloats = 'fat-floats';
    case RouxDry = 'roux-dry';
    case RouxSeparates = 'roux-separates';
    case RawFlour = 'raw-flour';
    case FatSmokes = 'fat-smokes';
    case ColourNotReached = 'colour-not-reached';
    case SaltHigh = 'salt-high';
    case Scorches = 'scorches';
    case MayCurdle = 'may-curdle';
    case NotReduced = 'not-reduced';
    case PanAssumed = 'pan-assumed';
    case WordAssumed = 'word-assumed';
}
