<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What one smells over the pan. */
enum Smell: string
{
    case Nothing = 'nothing';
    case Butter = 'butter';
    case HotFat = 'hot-fat';
    case Smoke = 'smoke';
    case RawFlour = 'raw-flour';
    case Biscuit = 'biscuit';
    case Toast = 'toast';
    case Nuts = 'nuts';
    case Coffee = 'coffee';
    case Acrid = 'acrid';
    case Burnt = 'burnt';
    case Floury = 'floury';
    case HotMilk = 'hot-milk';
    case Spirit = 'spirit';
    case Savoury = 'savoury';
}
