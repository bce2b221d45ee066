<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** What a kitchen has besides its rings: pans of each size, places in the oven, in the hot well. */
final readonly class Shelf
{
    /**
     * @param array<int, int> $pans how many of each width, mm; none where nobody has told of any, and then they are not counted
     * @param int $oven pans that go in at once
     * @param int $hotWell sauces that are kept hot at once
     */
    public function __construct(public array $pans = [], public int $oven = 1, public int $hotWell = 24)
    {
        OutOfRange::refuse('store-slots', $oven, 0, 1000, '', 'oven');
        OutOfRange::refuse('store-slots', $hotWell, 0, 1000, '', 'hot well');
    }
}
