<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What a spoonful tells the tongue. */
enum Taste: string
{
    case TooHotToTaste = 'too-hot-to-taste';
    case RawFlour = 'raw-flour';
    case Burnt = 'burnt';
    case Flat = 'flat';
    case Salty = 'salty';
    case TooSalty = 'too-salty';
    case Sour = 'sour';
    case Grainy = 'grainy';
    case Clean = 'clean';
}
