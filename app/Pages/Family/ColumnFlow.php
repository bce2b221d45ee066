<?php

declare(strict_types=1);

namespace App\Pages\Family;

/** What comes down to it, in words. */
final readonly class ColumnFlow
{
    /**
     * @param string $with what joins it, for where the drawing is not seen
     */
    public function __construct(
        public string $ladles,
        public string $from,
        public string $makes,
        public string $with,
    ) {}
}
