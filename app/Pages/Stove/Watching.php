<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Bands;
use App\Format\Litres;
use App\Format\WatchWords;
use App\Format\Words;
use Lento\Compose\StepKind;
use Lento\Quantity\Volume;
use Lento\Stove\MoveKind;
use Lento\Stove\PotWatch;
use Lento\Stove\SauceWatch;

/** How a pot goes: what is foreseen of it, and whether it is about to catch. */
final readonly class Watching
{
    /** Steps at which a pot stands on its simmer. */
    private const SIMMERS = [StepKind::Simmer, StepKind::Reduce, StepKind::Test, StepKind::Correct];

    public function __construct(private PotWatch $pot) {}

    /**
     * The most wanted first.
     *
     * @return list<string>
     */
    public function foresees(): array
    {
        $sheet = $this->pot->sheet;
        $roux = $this->pot->roux;
        $sauce = $this->simmering();

        return array_values(array_filter(match (true) {
            $this->kind() === StepKind::Colour && $roux !== null => [WatchWords::roux($roux), Words::text('outlook.specks') . ': ' . Bands::risks($sheet->outlook)['specks']],
            $this->kind() === StepKind::Pour => [Words::text('outlook.lumps') . ': ' . Bands::risks($sheet->outlook)['lumps']],
            $this->kind() === StepKind::Enrich => [(new Additions($this->pot))->limitNow()],
            $this->kind() === StepKind::Boil => [Words::text('stove.boil.gate'), $this->boils()],
            $sauce !== null => [
                WatchWords::notch($sauce, $sheet->endDepth()),
                WatchWords::then($sauce),
                Words::text('stove.comes_to', litres: Litres::of($sauce->comesTo($sheet))->text()),
                ...($this->pot->move?->kind === MoveKind::Thin ? [WatchWords::move($this->pot->move, $this->pot)] : []),
            ],
            default => [],
        }, static fn(string $text): bool => $text !== ''));
    }

    /** @return string '' while nothing catches */
    public function catches(): string
    {
        $sauce = $this->simmering();

        return $sauce === null ? '' : WatchWords::catching($sauce->catching);
    }

    /** "now 61 mm, 2.10 l" */
    public function stands(): string
    {
        $pot = $this->pot->sauce?->reckoning;

        return $pot === null ? '' : Words::text('stove.now_stands', mm: WatchWords::millimetres($pot->depth()), litres: Litres::of($pot->volume())->text());
    }

    /** What stands in the pot now, for its drawing. */
    public function litresNow(): Volume
    {
        return $this->pot->sauce?->reckoning->volume() ?? $this->pot->sheet->start->volume();
    }

    private function kind(): StepKind
    {
        return $this->pot->course->step()->kind;
    }

    /** The sauce while its simmer is what matters; null before the boil and after it is taken off. */
    private function simmering(): ?SauceWatch
    {
        $sauce = $this->pot->sauce;

        return $sauce !== null && $sauce->boiled && in_array($this->kind(), self::SIMMERS, true) ? $sauce : null;
    }

    private function boils(): string
    {
        $sauce = $this->pot->sauce;
        $probed = $sauce?->reckoning->probed;
        if ($sauce === null || $probed === null) {
            return '';
        }
        $time = $sauce->toTheBoil($probed);

        return $time === null ? Words::text('stove.boil.never') : Words::text('stove.boil.in', minutes: WatchWords::minutes($time));
    }
}
