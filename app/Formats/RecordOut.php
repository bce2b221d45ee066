<?php

declare(strict_types=1);

namespace App\Formats;

use App\Records\LotCodec;
use App\Records\Moment;
use App\Shelf\DayRecord;
use App\Shelf\RecordedBatch;
use App\Shelf\RecordLine;
use Carbon\CarbonImmutable;
use Lento\Keeping\Gate;
use Lento\Shelf\Tub;

/** The record of a day as a file: docs/formats/record.schema.json, and the same as lines of CSV. */
final readonly class RecordOut
{
    private const COLUMNS = ['day', 'batch', 'sauce', 'tub', 'at', 'what', 'celsius', 'by', 'said_at', 'addition', 'counts', 'rules'];

    /** @return array<string, mixed> */
    public static function json(DayRecord $record, CarbonImmutable $now): array
    {
        return [
            'format' => 'lento-record',
            'version' => 1,
            'day' => $record->day->format('Y-m-d'),
            'sealed' => $record->sealed === null ? null : [
                'at' => Moment::of($record->sealed->sealed_at_ms)->format('c'),
                'by' => $record->sealed->sealed_by,
                'lines' => $record->sealed->lines,
                'sha256' => $record->sealed->digest,
                'whole' => $record->isWhole(),
            ],
            'guidance' => __('keep.record.certifies_nothing'),
            'batches' => array_map(static fn(RecordedBatch $batch): array => [
                'code' => $batch->row->code,
                'name' => $batch->row->name,
                'made_at' => $batch->row->madeAt()->format('c'),
                'cook' => $batch->row->cook,
                'rules' => LotCodec::rules($batch->rules()),
                'tubs' => array_values(array_map(static fn(Tub $tub): array => [
                    'verdict' => $tub->verdict($now)->value,
                    'gates' => array_map(static fn(Gate $gate): array => [
                        'to_c' => round($gate->stage->to->inCelsius(), 1),
                        'by' => $gate->deadline()?->format('c'),
                        'verdict' => $gate->verdict->value,
                    ], $tub->gates($now)),
                ], $batch->batch->tubs)),
                'lines' => array_map(static fn(RecordLine $line): array => [
                    'tub' => $line->nth,
                    'at' => $line->event->at->format('c'),
                    'kind' => $line->event->kind()->value,
                    'what' => $line->what(),
                    'celsius' => $line->celsius(),
                    'by' => $line->event->by,
                    'said_at' => $line->saidAt->format('c'),
                    'addition' => $line->isAddition,
                    'counts' => $line->counts,
                ], $batch->lines),
            ], $record->batches),
        ];
    }

    public static function csv(DayRecord $record): string
    {
        $rows = [self::COLUMNS];
        foreach ($record->batches as $batch) {
            foreach ($batch->lines as $line) {
                $rows[] = [
                    $record->day->format('Y-m-d'),
                    $batch->row->code,
                    $batch->row->name,
                    (string) $line->nth,
                    $line->event->at->format('c'),
                    $line->what(),
                    $line->celsius() === null ? '' : (string) $line->celsius(),
                    $line->event->by,
                    $line->saidAt->format('c'),
                    $line->isAddition ? 'yes' : 'no',
                    $line->counts ? 'yes' : 'no',
                    $batch->rules()->name,
                ];
            }
        }

        return implode('', array_map(CsvCells::line(...), $rows));
    }
}
