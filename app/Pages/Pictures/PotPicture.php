<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Bands;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Drawing\Ink;
use Lento\Drawing\PotDrawing;
use Lento\Plan\Plan;
use Lento\Pot\Pan;
use Lento\Quantity\Volume;
use Lento\Stove\SauceWatch;

/** A pot in its pan with the two levels that matter, and every number that stands beside them. */
final readonly class PotPicture
{
    public PotDrawing $drawing;

    /** Where the notch stands: once the sauce has sunk below it, above the sauce. */
    public float $notchLevel;

    public float $upperLevel;

    /** Of the figures that stand in the sauce. */
    public string $ink;

    public string $start;

    public string $startMm;

    public string $fill;

    public string $end;

    public string $endMm;

    public string $says;

    /**
     * @param string $steam what it evaporates, and how sure that is; '' at the stove, where it has begun
     * @param string $steamBand
     * @param string $minutes
     * @param string $handle stops of the level's handle, for a page where it can be dragged
     */
    private function __construct(
        Pan $pan,
        Volume $upper,
        Volume $notch,
        public string $colour,
        public bool $now,
        public string $steam,
        public string $steamBand,
        public string $minutes,
        public string $handle,
    ) {
        $below = $upper->cubicMetres < $notch->cubicMetres;
        $this->drawing = PotDrawing::of(
            $pan->diameter->inCentimetres(),
            $pan->height->inCentimetres(),
            max($upper->inLitres(), $notch->inLitres()),
            min($upper->inLitres(), $notch->inLitres()),
            Pan::FULL,
        );
        $this->notchLevel = $below ? $this->drawing->startLevel : $this->drawing->endLevel;
        $this->upperLevel = $below ? $this->drawing->endLevel : $this->drawing->startLevel;
        $this->ink = Ink::on($colour)->value;
        [$this->start, $this->end] = [Litres::of($upper)->text(), Litres::of($notch)->text()];
        [$this->startMm, $this->endMm] = [
            sprintf('%.0F', $pan->depth($upper)->inMillimetres()),
            sprintf('%.0F', $pan->depth($notch)->inMillimetres()),
        ];
        $this->fill = sprintf('%.0F', 100.0 * $pan->fill($upper));
        $this->says = Words::text(
            $now ? 'compose.pot_now_says' : 'compose.pot_says',
            diameter: self::centimetres($pan->diameter->inCentimetres()),
            height: self::centimetres($pan->height->inCentimetres()),
            start: $this->start,
            start_mm: $this->startMm,
            fill: $this->fill,
            end: $this->end,
            end_mm: $this->endMm,
        );
    }

    /** Before and after the simmer, as the sheet promises. */
    public static function ofSheet(Sheet $sheet, string $colour): self
    {
        $question = $sheet->question;
        $top = $question->pan->brim()->inLitres() * $question->yield->inLitres() / max(1e-9, $sheet->end->volume()->inLitres());

        return new self(
            $question->pan,
            $sheet->start->volume(),
            $sheet->end->volume(),
            $colour,
            false,
            Words::text('compose.steams_off', litres: Litres::of($sheet->evaporated)->text()),
            Bands::millilitres($sheet->outlook->evaporated),
            Words::text(
                'compose.in_minutes',
                minutes: Minutes::text($question->simmerTime),
                level: Words::text('compose.level.' . $question->simmerLevel->value),
            ),
            '0:' . sprintf('%.4F', $top) . ' 1:0',
        );
    }

    /** What stands in the pot now, and its notch. */
    public static function now(Plan $plan, Volume $now, string $colour): ?self
    {
        $cooking = $plan->cooking;

        return $cooking === null
            ? null
            : new self($cooking->place->pan, $now, SauceWatch::notch($plan, $cooking), $colour, true, '', '', '', '');
    }

    public function levelHeight(): float
    {
        return $this->drawing->endLevel - $this->drawing->startLevel;
    }

    private static function centimetres(float $centimetres): string
    {
        return rtrim(rtrim(sprintf('%.1F', $centimetres), '0'), '.');
    }
}
