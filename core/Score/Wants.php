<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** What a pot wants of where it stays. */
final readonly class Wants
{
    /**
     * @param int $pan mm of bottom, of a ring
     * @param int $power of a ring
     * @param int|null $at °C, of a store that can be only one way at a time
     * @param string|null $ring where it stands already
     */
    public function __construct(public int $pan = 0, public int $power = 1, public ?int $at = null, public ?string $ring = null)
    {
        OutOfRange::refuse('stay-pan', $pan, 0, 2000, 'mm');
        OutOfRange::refuse('stay-power', $power, 1, 3, '');
    }
}
