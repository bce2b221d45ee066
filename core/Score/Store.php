<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** What several pots can use at once: the oven, the ice bath, the hot well, all pans of a size. */
final readonly class Store
{
    public function __construct(public string $id, public StoreKind $kind, public int $slots)
    {
        OutOfRange::refuse('store-slots', $slots, 0, 1000, '', $id);
    }
}
