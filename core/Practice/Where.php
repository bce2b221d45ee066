<?php

declare(strict_types=1);

namespace Lento\Practice;

/** Where the spoon goes. */
enum Where: string
{
    case All = 'all';
    case Middle = 'middle';
    case Edge = 'edge';

    /** @return array{float, float} share of the stirring that the middle of the bottom gets, and its edge */
    public function reaches(): array
    {
        return match ($this) {
            self::All => [1.0, 1.0],
            self::Middle => [1.0, 0.15],
            self::Edge => [0.3, 1.0],
        };
    }
}
