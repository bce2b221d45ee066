<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use App\Records\LotFacts;

/** A batch as pages speak of it. */
final readonly class BatchFacts
{
    private function __construct(
        public int $id,
        public string $name,
        public string $code,
        public string $cook,
        public string $sauce,
        public string $liquid,
        public LotFacts $facts,
    ) {}

    public static function of(Batch $row): self
    {
        return new self($row->id, $row->name, $row->code, $row->cook, $row->sauce ?? '', $row->liquid ?? '', StoredShelf::facts($row));
    }
}
