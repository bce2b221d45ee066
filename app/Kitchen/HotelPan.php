<?php

declare(strict_types=1);

namespace App\Kitchen;

/** Hotel pans as they are sold everywhere: parts of one grid, in a few depths. Inner sides in mm, to the nearest 5. */
final readonly class HotelPan
{
    /** Long and wide, by the part of the grid. */
    private const PARTS = [
        '1/1' => [505, 300],
        '1/2' => [300, 240],
        '1/3' => [300, 150],
        '1/4' => [240, 140],
        '1/6' => [150, 140],
        '1/9' => [150, 85],
    ];

    private const DEPTHS = [65, 100, 150];

    private function __construct(public string $name, public int $long, public int $wide, public int $high) {}

    /** @return array<string, self> by its key, "1/2-65" */
    public static function all(): array
    {
        $all = [];
        foreach (self::PARTS as $part => [$long, $wide]) {
            foreach (self::DEPTHS as $high) {
                $all["{$part}-{$high}"] = new self("{$part}, {$high} deep", $long, $wide, $high);
            }
        }

        return $all;
    }
}
