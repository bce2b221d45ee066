<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Format\Degrees;
use App\Format\HotBand;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\TubWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnVessel;
use App\Shelf\Portion;
use App\Shelf\PotToKeep;
use App\Shelf\PutAwayFields;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Drawing\Ink;
use Lento\Drawing\TubDrawing;
use Lento\Keeping\CoolingForecast;
use Lento\Keeping\LeastChange;
use Lento\Keeping\Place;
use Lento\Keeping\StageForecast;
use Lento\Keeping\Way;
use Lento\Shelf\Spot;

/** "Put it away": what goes into which vessels, how deep it stands in them, and whether that way should be cold in time. */
final readonly class PutAwayPage
{
    /** Of a jug that is read to the nearest few per cent. */
    private const SLACK = 1.02;

    /** Of vessels alike. */
    private const DRAWN = 3;

    /** l that are no longer worth a vessel. */
    private const NOTHING = 0.005;

    public ?FieldFault $tooMuch;

    /** @param array<int, OwnVessel> $vessels by id */
    public function __construct(
        public PotToKeep $from,
        public PutAwayFields $asked,
        public array $vessels,
        public Kitchen $kitchen,
    ) {
        $there = $from->there;
        $this->tooMuch = $there !== null && $asked->total()->cubicMetres > self::SLACK * $there->cubicMetres + 1e-6
            ? FieldFault::of('rows', 'more_than_there_is', ['there' => Litres::of($there)->text()])
            : null;
    }

    public function isReady(): bool
    {
        return $this->asked->faults === [] && $this->tooMuch === null && $this->asked->portions !== [];
    }

    public function isNothingLeft(): bool
    {
        return $this->from->there !== null && $this->from->there->inLitres() < self::NOTHING;
    }

    /**
     * What a page that nobody has typed into yet starts with: all of it, in the vessel that cools it best, in the fridge.
     *
     * @param array<int, OwnVessel> $vessels
     *
     * @return array<string, mixed>
     */
    public static function first(PotToKeep $from, array $vessels): array
    {
        $litres = $from->there?->inLitres() ?? 1.0;
        $best = null;
        foreach ($vessels as $vessel) {
            $count = max(1, (int) ceil($litres / max(0.001, $vessel->measured()->most()->inLitres())));
            $depth = $litres / $count / max(1e-9, $vessel->measured()->brim()->inLitres()) * $vessel->millimetresHigh;
            $best = $best === null || $count < $best[1] || $count === $best[1] && $depth < $best[2] ? [$vessel, $count, $depth] : $best;
        }

        return [
            'celsius' => TypedNumber::plain(PutAwayFields::HOT),
            'rows' => [[
                'litres' => TypedNumber::plain(floor(100.0 * $litres) / 100.0),
                'vessel' => (string) ($best[0]->id ?? ''),
                'count' => (string) ($best[1] ?? 1),
                'spot' => Spot::Fridge->value,
            ]],
        ];
    }

    public function thereIs(): string
    {
        return $this->from->there === null
            ? Words::text('keep.put.unknown')
            : Words::text('keep.put.there', litres: Litres::of($this->from->there)->text());
    }

    /** @return list<array{litres: string, vessel: string, count: string, spot: string}> what was typed, and one more to type into */
    public function rows(): array
    {
        $rows = $this->asked->rows;
        $empty = ['litres' => '', 'vessel' => '', 'count' => '', 'spot' => Spot::HotWell->value];

        $isFull = count($rows) >= PutAwayFields::ROWS || $rows !== [] && $rows[count($rows) - 1]['litres'] === '';

        return $isFull ? $rows : [...$rows, $empty];
    }

    public function portionOf(int $row): ?Portion
    {
        return $this->asked->portions[$row] ?? null;
    }

    /** @return array<string, string> where it can go, by its key */
    public function spots(): array
    {
        $places = array_map(static fn(Place $place): string => $place->value, $this->kitchen->keeps()->places());
        $spots = [];
        foreach (Spot::cases() as $spot) {
            if ($spot !== Spot::Freezer && (in_array($spot->value, $places, true) || $spot->isHot() || $spot === Spot::RoomCovered)) {
                $spots[$spot->value] = TubWords::spot($spot);
            }
        }

        return $spots;
    }

    /** @return list<TubDrawing> at most three of those alike */
    public function drawn(Portion $portion): array
    {
        return array_fill(0, min(self::DRAWN, $portion->count), ShelfRow::drawn($portion->vessel->measured(), $portion->each()));
    }

    public function ink(): string
    {
        return Ink::on($this->from->facts->colour)->value;
    }

    public function depth(Portion $portion): string
    {
        return self::centimetres($portion->depth()->inMillimetres());
    }

    /** "1.2 l each, 3 cm deep" */
    public function each(Portion $portion): string
    {
        return Words::text('keep.put.each', litres: Litres::of($portion->each())->text(), depth: $this->depth($portion));
    }

    public function verdict(CoolingForecast $forecast): string
    {
        return Words::text(
            $forecast->should() ? 'keep.put.should' : 'keep.put.will_not',
            rules: Words::text('kitchen.presets.' . $forecast->rules->name),
        );
    }

    /** "Held hot: 63–75 °C, at most 1 h." */
    public function hot(): string
    {
        return Words::text('keep.put.hot', band: HotBand::ofWindow($this->from->facts->lot->hotWindow()));
    }

    /** @return list<string> in words, gate by gate */
    public function foreseen(CoolingForecast $forecast): array
    {
        return array_map(static fn(StageForecast $stage): string => Words::text(
            $stage->time === null ? 'keep.put.never' : 'keep.put.stage',
            from: Degrees::number($stage->stage->from),
            to: Degrees::text($stage->stage->to),
            time: $stage->time === null ? '' : Minutes::text($stage->time),
            cautious: $stage->cautious === null ? '' : Minutes::text($stage->cautious),
            within: Minutes::text($stage->stage->within),
        ), $forecast->stages);
    }

    /** @return list<array{words: string, query: array<string, mixed>}> what would do instead, the least change first */
    public function instead(Portion $portion, int $row): array
    {
        $way = $portion->way();
        if ($way === null) {
            return [];
        }
        $owned = array_values(array_map(static fn(OwnVessel $one): array => [$one->measured(), $one->owned], $this->vessels));
        $ways = (new LeastChange($owned, $this->kitchen->keeps()->places()))->than(
            $way,
            $portion->volume,
            $this->from->facts->lot->viscosity(),
            $this->from->facts->lot->rules,
            $this->asked->temperature,
        );

        return array_map(fn(Way $one): array => [
            'words' => $this->way($one, $portion),
            'query' => $this->query($one, $row),
        ], array_slice($ways, 0, 3));
    }

    /** "2 × gastronorm 1/1 65, 3 cm deep, fridge, lid off", "on ice, stirred, to 21 °C first" */
    public function way(Way $way, Portion $portion): string
    {
        $words = Words::text(
            'keep.put.way',
            count: $way->count,
            vessel: OwnVessel::alike($this->vessels, $way->vessel)->name ?? '',
            depth: self::centimetres($way->vessel->depth($way->each($portion->volume))->inMillimetres()),
            place: Words::text('keep.spots.' . $way->place->value),
        );

        return $way->onIceFirst ? Words::text('keep.put.ice_first', until: Degrees::text(Way::iceUntil()), then: $words) : $words;
    }

    /** "3 cm", "11.5 cm" */
    public static function centimetres(float $millimetres): string
    {
        return TypedNumber::plain(round($millimetres / 5.0) / 2.0);
    }

    /** @return array<string, mixed> the question with one row made so; on ice it begins, and is moved from there */
    private function query(Way $way, int $row): array
    {
        $rows = $this->asked->rows;
        $rows[$row] = [
            ...$rows[$row] ?? [],
            'vessel' => (string) (OwnVessel::alike($this->vessels, $way->vessel)->id ?? ''),
            'count' => (string) $way->count,
            'spot' => $way->onIceFirst ? Spot::IceStirred->value : $way->place->value,
        ];

        return ['rows' => $rows, 'celsius' => $this->asked->celsius];
    }
}
