<?php

declare(strict_types=1);

namespace Lento\Practice;

/** How strange the kitchen is that one practises in. */
enum Difficulty: string
{
    case Own = 'own';
    case Off = 'off';
    case Strange = 'strange';
    case Odd = 'odd';

    /** @return int<0, 4> things that are otherwise than at home */
    public function quirks(): int
    {
        return match ($this) {
            self::Own => 0,
            self::Off => 1,
            self::Strange => 2,
            self::Odd => 4,
        };
    }
}
