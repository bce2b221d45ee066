<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What is done about a fault. */
enum RemedyKind: string
{
    case Thin = 'thin';
    case Reduce = 'reduce';
    case Thicken = 'thicken';
    case Boil = 'boil';
    case CookOut = 'cook-out';
    case Whisk = 'whisk';
    case Blend = 'blend';
    case Strain = 'strain';
    case Skim = 'skim';
    case Bind = 'bind';
    case AddFat = 'add-fat';
    case AddFlour = 'add-flour';
    case Decant = 'decant';
    case Desalt = 'desalt';
    case CoolAndBlend = 'cool-and-blend';
    case Warm = 'warm';
    case LadleOff = 'ladle-off';
    case BrownLonger = 'brown-longer';
    case NextTime = 'next-time';
    case StartOver = 'start-over';
}
