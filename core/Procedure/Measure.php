<?php

declare(strict_types=1);

namespace Lento\Procedure;

/** How a dose is measured. */
enum Measure: string
{
    case Grams = 'g';
    case Millilitres = 'ml';
    case Pieces = 'pieces';
}
