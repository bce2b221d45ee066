<?php

declare(strict_types=1);

namespace Lento\Compose;

/** What a cook starts from; all the rest is worked out. */
enum GivenKind: string
{
    case Yield = 'yield';
    case Portions = 'portions';
    case Liquid = 'liquid';
    case Fat = 'fat';
    case ReadyRoux = 'ready-roux';
    case Pan = 'pan';
}
