<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What mends a sauce that has come out thin. */
enum LateThickening: string
{
    case Reduce = 'reduce';
    case WhiteRoux = 'white-roux';
    case BeurreManie = 'beurre-manie';
    case Slurry = 'slurry';
}
