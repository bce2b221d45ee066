<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Bands;
use App\Format\Litres;
use App\Format\WatchWords;
use App\Format\Words;
use Lento\Plan\StepKind;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Stove\MoveKind;
use Lento\Stove\PotWatch;
use Lento\Stove\SauceWatch;

/** How a pot goes: what is foreseen of it, and whether it is about to catch. */
final readonly class Watching
{
    public function __construct(private PotWatch $pot) {}

    /**
     * The most wanted first.
     *
     * @return list<string>
     */
    public function foresees(): array
    {
        $cooking = $this->pot->cooking;
        $roux = $this->pot->roux;
        $sauce = $this->simmering();

        return array_values(
            array_filter(
                match (true) {
                    $this->kind() === StepKind::Colour && $roux !== null => [
                        WatchWords::roux($roux),
                        Words::text('outlook.specks') . ': ' . Bands::risk($cooking->roux->specks ?? Risk::Low),
                    ],
                    $this->kind() === StepKind::Pour => [Words::text('outlook.lumps') . ': ' . Bands::risk($cooking->ways->lumps)],
                    $this->pot->course->step()->additions !== [] => [(new TickList($this->pot))->limitNow(), ...$this->comes()],
                    $this->kind() === StepKind::Boil => [Words::text('stove.boil.gate'), $this->boils()],
                    $sauce !== null => [
                        WatchWords::notch($sauce, $cooking->place->pan->depth(SauceWatch::notch($this->pot->plan, $cooking))),
                        WatchWords::then($sauce),
                        ...$this->comes(),
                        ...$this->pot->move?->kind === MoveKind::Thin ? [WatchWords::move($this->pot->move, $this->pot)] : [],
                    ],
                    default => $this->comes(),
                },
                static fn(string $text): bool => $text !== '',
            ),
        );
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

        return $pot === null
            ? ''
            : Words::text('stove.now_stands', mm: WatchWords::millimetres($pot->depth()), litres: Litres::of($pot->volume())->text());
    }

    /** What stands in the pot now, for its drawing. */
    public function litresNow(): Volume
    {
        return $this->pot->sauce?->reckoning->volume() ?? $this->pot->cooking->sauces->start->volume();
    }

    /** @return list<string> what it will come to, once there is a sauce */
    private function comes(): array
    {
        return $this->pot->sauce === null ? [] : [Words::text('stove.comes_to', litres: Litres::of($this->pot->sauce->comesTo())->text())];
    }

    private function kind(): StepKind
    {
        return $this->pot->course->step()->kind;
    }

    /** The sauce while its simmer is what matters; null before the boil and after it is taken off. */
    private function simmering(): ?SauceWatch
    {
        $sauce = $this->pot->sauce;

        return $sauce !== null
            && $sauce->boiled
            && $this->pot->course->step()->conditions->simmers !== null
            && $this->kind() !== StepKind::Season
            ? $sauce
            : null;
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
