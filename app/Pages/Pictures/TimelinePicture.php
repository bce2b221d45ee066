<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Minutes;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Drawing\TimelineDrawing;
use Lento\Plan\Step;
use Lento\Quantity\Duration;

/** The work of a sheet as one line in time, and the same in words. */
final readonly class TimelinePicture
{
    private function __construct(public TimelineDrawing $drawing, public string $says) {}

    public static function of(Sheet $sheet): self
    {
        $drawing = TimelineDrawing::of(
            array_map(static fn(Step $step): array => [$step->pace->time->inMinutes(), $step->pace->handsOn], $sheet->steps()),
        );
        $list = array_map(
            static fn(array $one): string => Minutes::text(Duration::ofMinutes($one['minutes']))
                . ' '
                . Words::text($one['hands'] ? 'sheet.hands' : 'sheet.waiting'),
            $drawing->stretches,
        );

        return new self($drawing, Words::text('sheet.timeline_says', list: implode(', ', $list)));
    }
}
