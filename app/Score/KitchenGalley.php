<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Hand;
use App\Kitchen\Hands;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Typed\TypedNumber;
use Lento\Score\Cook;
use Lento\Score\Galley;
use Lento\Score\Instance;
use Lento\Score\Interval;
use Lento\Score\Ring;
use Lento\Score\Shelf;

/** Who cooks in this kitchen and on what, as a score is planned for it. */
final readonly class KitchenGalley
{
    /** mm: what a ring takes, where nobody has told of it. */
    private const ANY_PAN = 2000;

    /** W from which a ring is middling, and strong. */
    private const MIDDLING = 1400;
    private const STRONG = 2200;

    private const USUAL_POWER = 3;

    /** Pans in the oven and sauces in the hot well at once, where nobody has told. */
    private const OVEN_PLACES = 1;
    private const HOT_PLACES = 24;

    /** What a cook has learnt who may bind with yolk and cream. */
    private const LIAISON = 'liaison';

    public function __construct(private Kitchen $kitchen, private ServiceDay $day) {}

    public function galley(): Galley
    {
        $cooks = array_map($this->cook(...), Hands::of($this->kitchen));

        return new Galley($cooks === [] ? [new Cook(Words::text('score.a_cook'))] : $cooks, $this->rings(), []);
    }

    private function cook(Hand $hand): Cook
    {
        $from = $this->day->minute($hand->from);
        $until = $this->day->minute($hand->until);

        return new Cook($hand->name, $hand->liaison ? [self::LIAISON] : [], [
            ...$from === null ? [] : [new Interval(min(-Instance::MOST_MINUTES, $from), $from)],
            ...$until === null ? [] : [new Interval($until, max($until, Instance::MOST_MINUTES))],
        ]);
    }

    public function shelf(): Shelf
    {
        $widths = array_map(
            static fn(OwnPan $pan): int => (int) round($pan->measured()->diameter->inMillimetres()),
            array_values($this->kitchen->pans),
        );

        return new Shelf(
            array_count_values($widths),
            $this->places('oven_places', self::OVEN_PLACES),
            $this->places('hot_places', self::HOT_PLACES),
        );
    }

    private function places(string $setting, int $else): int
    {
        return (int) (TypedNumber::number($this->kitchen->setting($setting)) ?? $else);
    }

    /** @return list<Ring> */
    private function rings(): array
    {
        $rings = [];
        foreach (Station::all($this->kitchen) as $id => $station) {
            $hob = str_starts_with($id, 'ring-') ? $this->kitchen->hobs[(int) substr($id, 5)] ?? null : null;
            $watts = $hob?->watts;
            if (in_array($id, [Station::OVEN, Station::HOT_WELL, Station::BENCH], true)) {
                continue;
            }
            $rings[] = new Ring($id, min(self::ANY_PAN, $hob->widestMillimetres ?? self::ANY_PAN), match (true) {
                $watts === null || $watts >= self::STRONG => self::USUAL_POWER,
                $watts >= self::MIDDLING => 2,
                default => 1,
            });
        }

        return $rings;
    }
}
