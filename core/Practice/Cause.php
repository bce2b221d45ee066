<?php

declare(strict_types=1);

namespace Lento\Practice;

/** Why a pot came out as it did: a thing of the kitchen, or a thing of the hand. */
enum Cause: string
{
    case RingHot = 'ring-hot';
    case FlourWeak = 'flour-weak';
    case StockSalty = 'stock-salty';
    case StockJellied = 'stock-jellied';
    case PanWide = 'pan-wide';
    case PanNarrow = 'pan-narrow';
    case LiquidCold = 'liquid-cold';
    case ButterWet = 'butter-wet';
    case StirredLate = 'stirred-late';
    case WrongWeight = 'wrong-weight';
    case LateLift = 'late-lift';
    case EarlyLift = 'early-lift';
    case TooHot = 'too-hot';
    case PoursTooLarge = 'pours-too-large';
    case NeverBoiled = 'never-boiled';
    case LeftUnstirred = 'left-unstirred';
    case SaltTooEarly = 'salt-too-early';
    case LiaisonBoiled = 'liaison-boiled';
    case EvaporationMisjudged = 'evaporation-misjudged';

    public static function ofQuirk(Quirk $quirk): self
    {
        return self::from($quirk->value);
    }

    public function quirk(): ?Quirk
    {
        return Quirk::tryFrom($this->value);
    }
}
