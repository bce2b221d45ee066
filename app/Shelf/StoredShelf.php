<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use App\Models\TubEvent;
use App\People\Here;
use App\Records\LotCodec;
use App\Records\LotFacts;
use App\Records\Moment;
use App\Records\Node;
use App\Records\ShelfCodec;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Shelf\Batch as KeptBatch;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** Reads and adds what happened to batches: plain rows, in the order they were said in. */
final readonly class StoredShelf
{
    /** As the core has it: everything that happened, gone through. */
    public static function batch(Batch $row): KeptBatch
    {
        return KeptBatch::of(self::facts($row)->lot, self::events($row->id));
    }

    public static function facts(Batch $row): LotFacts
    {
        return LotCodec::toFacts(Node::root($row->facts, 'facts'), Moment::of($row->made_at_ms));
    }

    /** @return list<ShelfEvent> */
    public static function events(int $batch): array
    {
        $events = [];
        foreach (TubEvent::query()->toBase()->where('batch_id', $batch)->orderBy('id')->get() as $row) {
            $events[] = self::event($row);
        }

        return $events;
    }

    /**
     * Of several batches at once.
     *
     * @param list<int> $batches
     *
     * @return array<int, list<ShelfEvent>>
     */
    public static function eventsOfAll(array $batches): array
    {
        $events = array_fill_keys($batches, []);
        foreach (TubEvent::query()->toBase()->whereIn('batch_id', $batches)->orderBy('batch_id')->orderBy('id')->get() as $row) {
            $events[is_numeric($row->batch_id) ? (int) $row->batch_id : 0][] = self::event($row);
        }

        return $events;
    }

    public static function event(object $row): ShelfEvent
    {
        /** @var array{kind: string, token: string, tub: string, at_ms: int|string, said_by: string, data: string} $row */
        $row = (array) $row;

        return ShelfCodec::event(
            EventKind::from($row['kind']),
            Mark::of($row['token'], $row['tub'], Moment::of((int) $row['at_ms']), $row['said_by']),
            Node::root(json_decode($row['data'], true), 'data'),
        );
    }

    /**
     * Adds what is not there yet, each once, and writes down what then follows.
     *
     * @param list<ShelfEvent> $events
     */
    public static function add(Batch $batch, array $events, CarbonImmutable $now): void
    {
        DB::transaction(static function () use ($batch, $events, $now): void {
            TubEvent::query()->toBase()->insertOrIgnore(
                array_map(static fn(ShelfEvent $event): array => [
                    'galley_id' => $batch->galley_id,
                    'batch_id' => $batch->id,
                    'tub' => $event->tub,
                    'token' => $event->id,
                    'version' => ShelfCodec::VERSION,
                    'kind' => $event->kind()->value,
                    'at_ms' => Moment::ms($event->at),
                    'said_at_ms' => $now->getTimestampMs(),
                    'said_by' => $event->by,
                    'data' => json_encode(ShelfCodec::fields($event), JSON_THROW_ON_ERROR),
                ], $events),
            );
            Standing::write($batch, self::batch($batch), $now);
        });
    }

    /** Who says it: the cook at the tablet; nobody where nobody signs in. */
    public static function by(): string
    {
        return mb_substr(app(Here::class)->presence()->name, 0, Mark::LONGEST_NAME);
    }
}
