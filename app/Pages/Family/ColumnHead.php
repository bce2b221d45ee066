<?php

declare(strict_types=1);

namespace App\Pages\Family;

/** Which end of the flow a column stands under. */
final readonly class ColumnHead
{
    public function __construct(
        public string $key,
        public string $name,
        public string $colour,
    ) {}
}
