<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\Ring;

/** Where a pot can stand in this galley: on one of its rings, in the oven, in the hot well, on the bench. */
final readonly class Place
{
    public const OVEN = 'oven';

    public const HOT_WELL = 'hot-well';

    public const BENCH = 'bench';

    public function __construct(public string $id, public string $name) {}

    /** @return list<self> the rings first */
    public static function all(Kitchen $kitchen): array
    {
        $rings = array_map(static fn(Ring $ring): self => new self('ring-' . $ring->id, $ring->name), array_values($kitchen->hobs));
        $rings = $rings === [] ? [new self('ring-1', Words::text('stove.place.ring', number: 1)), new self('ring-2', Words::text('stove.place.ring', number: 2))] : $rings;

        return [...$rings, ...array_map(static fn(string $id): self => new self($id, Words::text('stove.place.' . $id)), [self::OVEN, self::HOT_WELL, self::BENCH])];
    }

    public static function named(string $id, Kitchen $kitchen): ?self
    {
        foreach (self::all($kitchen) as $place) {
            if ($place->id === $id) {
                return $place;
            }
        }

        return null;
    }

    /** Which mark of the little plan of the stove is filled: the first rings, the oven, the bench. */
    public static function mark(string $id, Kitchen $kitchen): string
    {
        $ids = array_map(static fn(self $place): string => $place->id, self::all($kitchen));
        $at = array_search($id, $ids, true);

        return match (true) {
            in_array($id, [self::OVEN, self::HOT_WELL, self::BENCH], true) => $id,
            $at === false => '',
            default => $at % 2 === 0 ? 'left' : 'right',
        };
    }
}
