<?php

declare(strict_types=1);

namespace Lento\Compose;

/** How a formula counts a part. */
enum PartMeasure: string
{
    case Grams = 'g';
    case Millilitres = 'ml';
    case Pieces = 'pieces';
}
