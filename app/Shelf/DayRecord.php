<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use App\Models\SealedDay;
use App\Models\TubEvent;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Shelf\Batch as KeptBatch;

/** The record of a day: batch by batch, every reading and every act, against the rules that were in force when each was made. */
final readonly class DayRecord
{
    /** Lines of a day: a kitchen that reads more is a factory. */
    private const MOST = 20_000;

    /** @param list<RecordedBatch> $batches */
    private function __construct(public CarbonImmutable $day, public array $batches, public ?SealedDay $sealed) {}

    public static function of(CarbonImmutable $day): self
    {
        $day = $day->startOfDay();
        $sealed = SealedDay::query()->where('day', $day->format('Y-m-d'))->first();
        $rows = TubEvent::query()
            ->toBase()
            ->whereBetween('at_ms', [$day->getTimestampMs(), $day->endOfDay()->getTimestampMs()])
            ->orderBy('at_ms')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get()
            ->groupBy('batch_id');
        $batches = [];
        $happened = StoredShelf::eventsOfAll(array_values(array_map(intval(...), $rows->keys()->all())));
        foreach (Batch::query()->whereIn('id', $rows->keys())->orderBy('id')->get() as $batch) {
            $all = $happened[$batch->id] ?? [];
            $facts = StoredShelf::facts($batch);
            $counting = array_flip(array_map(static fn($event): string => $event->id, KeptBatch::counting($all)));
            $kept = KeptBatch::of($facts->lot, $all);
            $nth = array_flip(array_keys($kept->tubs));
            $lines = [];
            foreach ($rows[$batch->id] ?? [] as $row) {
                $event = StoredShelf::event($row);
                $saidAt = is_numeric($row->said_at_ms) ? (int) $row->said_at_ms : 0;
                $lines[] = new RecordLine(
                    $event,
                    ($nth[$event->tub] ?? 0) + 1,
                    Moment::of($saidAt),
                    isset($counting[$event->id]) || $event instanceof \Lento\Shelf\Happened\Undone,
                    $sealed !== null && $saidAt > $sealed->sealed_at_ms,
                );
            }
            $batches[] = new RecordedBatch($batch, $kept, $lines, $facts->rulesAsOf);
        }

        return new self($day, $batches, $sealed);
    }

    public function seal(string $by, CarbonImmutable $now): void
    {
        SealedDay::query()->firstOrCreate(['day' => $this->day->format('Y-m-d')], [
            'sealed_at_ms' => $now->getTimestampMs(),
            'sealed_by' => $by,
            'lines' => count($this->original()),
            'digest' => $this->digest(),
        ]);
    }

    /** Of the lines that stood there when it was sealed: the same for as long as nobody has changed them behind the program's back. */
    public function digest(): string
    {
        return hash('sha256', implode("\n", $this->original()));
    }

    public function isWhole(): bool
    {
        return $this->sealed === null || $this->sealed->lines === count($this->original()) && $this->sealed->digest === $this->digest();
    }

    /** @return list<string> */
    private function original(): array
    {
        $lines = [];
        foreach ($this->batches as $batch) {
            foreach ($batch->lines as $line) {
                if (!$line->isAddition) {
                    $lines[] = implode(' ', [
                        $batch->row->code,
                        $line->event->id,
                        Moment::ms($line->event->at),
                        $line->event->by,
                        json_encode(\App\Records\ShelfCodec::fields($line->event), JSON_THROW_ON_ERROR),
                    ]);
                }
            }
        }

        return $lines;
    }
}
