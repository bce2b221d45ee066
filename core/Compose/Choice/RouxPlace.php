<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** Where the roux is cooked. */
enum RouxPlace: string
{
    case Hob = 'hob';
    case Oven = 'oven';
}
