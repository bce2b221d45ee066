<?php

declare(strict_types=1);

namespace Lento\Score;

enum LimitKind: string
{
    case CriticalPath = 'critical-path';
    case Hands = 'hands';
    case HandsAndVisits = 'hands-and-visits';
    case Skill = 'skill';
    case Rings = 'rings';
    case Store = 'store';
}
