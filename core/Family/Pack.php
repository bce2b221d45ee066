<?php

declare(strict_types=1);

namespace Lento\Family;

/** What a thing is bought in. */
enum Pack: string
{
    case Packet = 'packet';
    case Bottle = 'bottle';
    case Lemon = 'lemon';
    case Bunch = 'bunch';
    case BunchOfSprigs = 'bunch-of-sprigs';
    case Egg = 'egg';
    /** By weight, or made in the kitchen. */
    case Loose = 'loose';
}
