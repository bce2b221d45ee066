<?php

declare(strict_types=1);

namespace Lento\Family;

/** How one derivative of a base that serves several is set right by itself. */
enum CorrectionKind: string
{
    /** Hot liquid at the end. */
    case Thin = 'thin';
    /** The base boiled down before anything goes in. */
    case ReduceFirst = 'reduce-first';
    case BeurreManie = 'beurre-manie';
}
