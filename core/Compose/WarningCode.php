<?php

declare(strict_types=1);

namespace Lento\Compose;

/** Stable names of the warnings: other programs match on them. */
enum WarningCode: string
{
    case PanOverflows = 'pan-overflows';
    case PanTooFull = 'pan-too-full';
    case PanShallow = 'pan-shallow';
    case TwoLift = 'two-lift';
    case NeverLifted = 'never-lifted';
    case FatFloats = 'fat-floats';
    case RouxDry = 'roux-dry';
    case RouxSeparates = 'roux-separates';
    case RouxDeep = 'roux-deep';
    case RawFlour = 'raw-flour';
    case FatSmokes = 'fat-smokes';
    case BrownInButter = 'brown-in-butter';
    case ColourNotReached = 'colour-not-reached';
    case SaltHigh = 'salt-high';
    case SaltPastTarget = 'salt-past-target';
    case Scorches = 'scorches';
    case MilkCatches = 'milk-catches';
    case AcidThins = 'acid-thins';
    case MayCurdle = 'may-curdle';
    case FinishLimit = 'finish-limit';
    case NotReduced = 'not-reduced';
    case PanAssumed = 'pan-assumed';
    case WordAssumed = 'word-assumed';
    case AmountsDisagree = 'amounts-disagree';
    case AmountGuessed = 'amount-guessed';
    case OuncesByVolume = 'ounces-by-volume';
}
