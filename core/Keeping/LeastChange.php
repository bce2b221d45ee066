<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;

/**
 * The ways of cooling that should meet the rules, the least change first: the lid off, more of the same vessels, shallower ones, a colder
 * place, ice.
 */
final readonly class LeastChange
{
    /** No more vessels of a kind are proposed. */
    private const MOST_VESSELS = 6;

    /**
     * @param list<array{Vessel, int}> $vessels of the kitchen, with how many there are of each
     * @param list<Place> $places that the kitchen has
     */
    public function __construct(private array $vessels, private array $places) {}

    /** @return list<Way> that should meet the rules with the margin, best first; not the way that is asked about */
    public function than(Way $asked, Volume $all, Viscosity $thickness, FoodSafety $rules, Temperature $from): array
    {
        return array_values(array_filter(
            $this->candidates($asked, $all),
            static fn(Way $way): bool => $way->forecast($all, $thickness, $rules, $from)->should(),
        ));
    }

    /** @return list<Way> all other ways that hold it, the least trouble first, whether they do or not */
    public function candidates(Way $asked, Volume $all): array
    {
        $ways = array_values(array_filter($this->ways($asked), static fn(array $one): bool => $one[1]->holds($all)));
        usort($ways, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ways, 1);
    }

    /** @return list<array{float, Way}> with how much trouble each is over what is asked about */
    private function ways(Way $asked): array
    {
        $ways = [];
        $vessels = $this->vessels === [] ? [[$asked->vessel, self::MOST_VESSELS]] : $this->vessels;
        foreach ($this->standing($asked->place) as [$moved, $place]) {
            foreach ($vessels as [$vessel, $owned]) {
                $same = $vessel->isAlike($asked->vessel);
                for ($count = 1; $count <= min($owned, self::MOST_VESSELS); $count++) {
                    // Pouring over into another vessel is a pan to wash and a place on the shelf, each more of it one more.
                    $poured = $same ? 2.0 * max(0, $count - $asked->count) : 1.0 + 2.0 * $count;
                    foreach ([false, true] as $ice) {
                        $way = Way::of($vessel, $count, $place, $ice);
                        if ($ice && !$this->has(Place::IceBathStirred) || $same && $count < $asked->count || $way->isAlike($asked)) {
                            continue;
                        }
                        $ways[] = [$moved + $poured + ($ice ? 4.0 : 0.0), $way];
                    }
                }
            }
        }

        return $ways;
    }

    /** @return list<array{float, Place}> where it could stand, with the trouble of it */
    private function standing(Place $asked): array
    {
        $open = match ($asked) {
            Place::Fridge, Place::FridgeUncovered => Place::FridgeUncovered,
            Place::Room, Place::RoomCovered => Place::Room,
            default => $asked,
        };
        $standing = [[0.0, $asked]];
        if ($open !== $asked) {
            $standing[] = [0.5, $open];
        }
        foreach ([Place::FridgeUncovered, Place::WalkInFan, Place::BlastChiller] as $i => $place) {
            if ($place !== $asked && $place !== $open && $this->has($place)) {
                $standing[] = [1.5 + 0.5 * $i, $place];
            }
        }

        return $standing;
    }

    private function has(Place $place): bool
    {
        return in_array($place, $this->places, true);
    }
}
