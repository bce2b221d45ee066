<?php

declare(strict_types=1);

namespace Lento\Pour;

/** What works a pour in. Source: docs/model.md, C; an estimate that ranks the tools. */
enum Tool: string
{
    case None = 'none';
    case Spoon = 'spoon';
    case Whisk = 'whisk';
    case Blender = 'blender';

    /** @return float share of the lumps it breaks as they form, 0 to 1 */
    public function breaks(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Spoon => 0.5,
            self::Whisk => 0.85,
            self::Blender => 0.98,
        };
    }
}
