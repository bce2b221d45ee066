<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Tub as TubRow;
use App\Records\LotFacts;
use Carbon\CarbonImmutable;
use Lento\Shelf\Batch;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Tub;

/** A tub of the shelf with all that is known of it: its number here, its batch, and as the core has it. */
final readonly class ShelvedTub
{
    /** @param list<ShelfEvent> $events all of its batch, in the order they were said in */
    private function __construct(
        public int $id,
        public int $nth,
        public Tub $tub,
        public Batch $batch,
        public BatchFacts $made,
        public array $events,
    ) {}

    /** Null of one that was never filled after all. */
    public static function of(TubRow $row): ?self
    {
        return self::all([$row])[0] ?? null;
    }

    /**
     * @param list<TubRow> $rows
     *
     * @return list<self>
     */
    public static function all(array $rows): array
    {
        $events = StoredShelf::eventsOfAll(array_values(array_unique(array_map(static fn(TubRow $row): int => $row->batch_id, $rows))));
        $all = [];
        foreach ($rows as $row) {
            $made = BatchFacts::of($row->batch);
            $batch = Batch::of($made->facts->lot, $events[$row->batch_id] ?? []);
            $tub = $batch->tubs[$row->uid] ?? null;
            $all = $tub === null ? $all : [...$all, new self($row->id, $row->nth, $tub, $batch, $made, $events[$row->batch_id] ?? [])];
        }

        return $all;
    }

    public function facts(): LotFacts
    {
        return $this->made->facts;
    }

    public function madeAt(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->tub->lot->made);
    }
}
