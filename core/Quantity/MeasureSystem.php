<?php

declare(strict_types=1);

namespace Lento\Quantity;

/** Whose cups, spoons, pints and gallons a bare word means: a pint is 473 ml or 568 ml. */
enum MeasureSystem: string
{
    case UsCustomary = 'us';
    case Metric = 'metric';
    case Imperial = 'imperial';
}
