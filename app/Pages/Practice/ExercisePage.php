<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\QrCode;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Practice\Row;
use App\Practice\SetRow;

/** One exercise: its link, and who has come how far with it. */
final readonly class ExercisePage
{
    public string $address;

    public QrCode $qr;

    public string $line;

    /** @param list<Row>|null $cooked null for who may not see it */
    public function __construct(public SetRow $set, Kitchen $kitchen, private ?array $cooked)
    {
        $this->address = route('practice.exercise', $set->id);
        $this->qr = QrCode::of($this->address);
        $this->line = ChoosePage::line($set, new SauceNames($kitchen));
    }

    public function maySee(): bool
    {
        return $this->cooked !== null;
    }

    /** @return list<array{cook: string, came: string, cause: string}> */
    public function done(): array
    {
        return array_map(static fn(Row $one): array => [
            'cook' => $one->cook === '' ? Words::text('practice.exercise.somebody') : $one->cook,
            'came' => match (true) {
                $one->finishedAt === null => Words::text('practice.exercise.on_it'),
                $one->isIt => Words::text('practice.choose.it'),
                default => Words::text('practice.choose.not_it'),
            },
            'cause' => $one->causes === [] ? '' : Words::text('practice.short.' . $one->causes[0]),
        ], $this->cooked ?? []);
    }
}
