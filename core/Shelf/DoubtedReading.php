<?php

declare(strict_types=1);

namespace Lento\Shelf;

use Lento\Keeping\CoolingReading;
use Lento\Keeping\ReadingDoubt;

/** A reading as it was taken, with what speaks against it. */
final readonly class DoubtedReading
{
    /** @param ReadingDoubt|null $doubt null where it is believed */
    public function __construct(
        public string $id,
        public CoolingReading $reading,
        public string $by,
        public bool $byProbe,
        public ?ReadingDoubt $doubt,
    ) {}
}
