<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Format\Degrees;
use App\Format\Words;
use App\Shelf\DayRecord;
use App\Shelf\RecordedBatch;
use Carbon\CarbonImmutable;
use Lento\Keeping\Gate;
use Lento\Keeping\Verdict;

/** The record of a day, on the screen and on paper. */
final readonly class RecordPage
{
    public function __construct(public DayRecord $record, private CarbonImmutable $now) {}

    public function title(): string
    {
        return Words::text('keep.record.title', day: $this->record->day->format('l, j F Y'));
    }

    public function day(int $days): string
    {
        return $this->record->day->addDays($days)->format('Y-m-d');
    }

    public function isPast(): bool
    {
        return $this->record->day->endOfDay() < $this->now;
    }

    public function hasNext(): bool
    {
        return $this->record->day->isBefore($this->now->startOfDay());
    }

    /** "Sealed by Ines Vark, Mon 06:10: 14 lines", or that it was changed behind its back */
    public function sealed(): string
    {
        $sealed = $this->record->sealed;

        return $sealed === null ? '' : Words::text(
            $this->record->isWhole() ? 'keep.record.sealed' : 'keep.record.broken',
            by: $sealed->sealed_by === '' ? Words::text('keep.record.somebody') : $sealed->sealed_by,
            at: CarbonImmutable::createFromTimestampMs($sealed->sealed_at_ms)->setTimezone($this->now->getTimezone())->format('D j M, H:i'),
            lines: (string) $sealed->lines,
        );
    }

    /** "Gates by UK guidance: hold 63 °C or hotter, 63 to 8 °C within 1.5 h, reheat to 75 °C" */
    public function rules(RecordedBatch $batch): string
    {
        $rules = $batch->rules();
        $as = $batch->rulesAsOf;

        return Words::text(
            'keep.record.rules',
            preset: Words::text('kitchen.presets.' . $rules->name) . ($as === '' ? '' : ' (' . $as . ')'),
            hold: Degrees::text($rules->holdAtLeast),
            stages: implode(', ', array_map(static fn($stage): string => Words::text(
                'keep.record.stage',
                from: Degrees::number($stage->from),
                to: Degrees::text($stage->to),
                hours: rtrim(rtrim(sprintf('%.2F', $stage->within->inMinutes() / 60.0), '0'), '.'),
            ), $rules->stages)),
            reheat: Degrees::text($rules->reheatTo),
        );
    }

    /** @return list<array{tub: string, words: string, sign: string}> gate by gate, of each tub */
    public function gates(RecordedBatch $batch): array
    {
        $gates = [];
        $nth = 0;
        foreach ($batch->batch->tubs as $tub) {
            $nth++;
            if ($tub->stints() === []) {
                continue;
            }
            foreach ($tub->gates($this->now->toDateTimeImmutable()) as $gate) {
                $gates[] = [
                    'tub' => Words::text('keep.record.tub', n: $nth),
                    'words' => $this->gate($gate),
                    'sign' => match ($gate->verdict) {
                        Verdict::Passed => 'tick',
                        Verdict::Failed => 'late',
                        Verdict::Open => 'look',
                    },
                ];
            }
        }

        return $gates;
    }

    private function gate(Gate $gate): string
    {
        return Words::text(
            'keep.record.gate.' . $gate->verdict->value,
            to: Degrees::text($gate->stage->to),
            by: $gate->deadline()?->format('H:i') ?? '?',
            read: $gate->by === null ? '' : Degrees::tenths($gate->by->temperature),
            at: $gate->by?->at->format('H:i') ?? '',
        );
    }
}
