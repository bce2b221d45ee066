<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use App\Kitchen\Ring;

/** Where a pot can stand in this galley: on one of its rings, in the oven, in the hot well, on the bench. */
final readonly class Station
{
    public const OVEN = 'oven';

    public const HOT_WELL = 'hot-well';

    public const BENCH = 'bench';

    /** @param string $mark what is filled on the little plan of the stove: one of its rings, the oven, the bench */
    private function __construct(public string $id, public string $name, public string $mark) {}

    /** @return non-empty-array<string, self> by their ids, the rings first */
    public static function all(Kitchen $kitchen): array
    {
        $rings = array_map(static fn(Ring $ring): array => ['ring-' . $ring->id, $ring->name], array_values($kitchen->hobs));
        $rings = $rings === []
            ? array_map(static fn(int $number): array => ['hob-' . $number, Words::text('stove.place.ring', number: $number)], [1, 2])
            : $rings;
        $places = [];
        foreach ($rings as $i => [$id, $name]) {
            $places[$id] = new self($id, $name, $i % 2 === 0 ? 'left' : 'right');
        }
        foreach ([self::OVEN, self::HOT_WELL, self::BENCH] as $id) {
            $places[$id] = new self($id, Words::text('stove.place.' . $id), $id);
        }

        return $places;
    }

    public static function named(string $id, Kitchen $kitchen): ?self
    {
        return self::all($kitchen)[$id] ?? null;
    }
}
