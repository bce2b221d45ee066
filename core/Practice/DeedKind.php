<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What a cook does at the practice pot. */
enum DeedKind: string
{
    case Heat = 'heat';
    case Hold = 'hold';
    case Stir = 'stir';
    case Add = 'add';
    case Whisk = 'whisk';
    case Lid = 'lid';
    case Skim = 'skim';
    case Dip = 'dip';
    case Probe = 'probe';
    case Weigh = 'weigh';
    case Depth = 'depth';
    case Taste = 'taste';
    case Look = 'look';
    case Done = 'done';
    case Written = 'written';

    /** One of those that change nothing in the pot. */
    public function measures(): bool
    {
        return in_array($this, [self::Dip, self::Probe, self::Weigh, self::Depth, self::Taste, self::Look], true);
    }
}
