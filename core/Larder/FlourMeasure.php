<?php

declare(strict_types=1);

namespace Lento\Larder;

/** How flour got into the cup; a scooped cup holds a seventh more than a spooned one. */
enum FlourMeasure: string
{
    case Spooned = 'spooned';
    case Scooped = 'scooped';
    case Sifted = 'sifted';
}
