<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * From bases to sauces: a base above, falls below as wide as the litres they carry, additions that join from the left at their own width.
 *
 * One scale for a whole service. Four ends stand beside one another; further ones wrap into the next row, with their base drawn again.
 */
final readonly class FlowDrawing
{
    public const WIDTH = 1232.0;

    /** px of a litre where there is room. */
    public const USUAL_SCALE = 62.0;

    public const COLUMNS = 4;

    /** Share of its column that a fall and a pan may take. */
    private const WIDEST = 0.34;

    /** px that a pan's own handles and its neighbour want. */
    private const BESIDE = 104.0;

    /**
     * @param float $scale px of a litre
     * @param list<FlowRow> $rows
     */
    private function __construct(public float $scale, public array $rows) {}

    /** @param list<FlowSauce> $sauces bases before what is made of them */
    public static function of(array $sauces): self
    {
        $bands = self::bands($sauces);
        $scale = self::USUAL_SCALE;
        foreach ($bands as $band) {
            $scale = min($scale, self::fitting($band));
        }

        return new self($scale, array_map(static fn(array $band): FlowRow => FlowRow::of($band, $scale), $bands));
    }

    /**
     * The sauces of each row: whole families side by side where they fit, a large one cut into several.
     *
     * @param list<FlowSauce> $sauces
     *
     * @return list<non-empty-list<FlowSauce>>
     */
    private static function bands(array $sauces): array
    {
        [$bands, $band, $ends] = [[], [], 0];
        foreach ($sauces as $root) {
            if ($root->from !== null) {
                continue;
            }
            foreach (self::cut($root, $sauces) as $family) {
                $more = max(1, count(self::ends($family)));
                if ($band !== [] && $ends + $more > self::COLUMNS) {
                    [$bands, $band, $ends] = [[...$bands, $band], [], 0];
                }
                [$band, $ends] = [[...$band, ...$family], $ends + $more];
            }
        }

        return $band === [] ? $bands : [...$bands, $band];
    }

    /**
     * @param list<FlowSauce> $sauces
     *
     * @return list<non-empty-list<FlowSauce>> a base with all that is made of it, four ends at a time
     */
    private static function cut(FlowSauce $root, array $sauces): array
    {
        $family = self::familyOf($root, $sauces);
        $parts = [];
        foreach (array_chunk(self::ends($family), self::COLUMNS) as $ends) {
            $keep = [];
            foreach ($ends as $end) {
                for ($one = $end; $one !== null; $one = self::named($one->from, $family)) {
                    $keep[$one->key] = true;
                }
            }
            $part = array_values(array_filter($family, static fn(FlowSauce $one): bool => isset($keep[$one->key])));
            $parts = $part === [] ? $parts : [...$parts, $part];
        }

        return $parts;
    }

    /**
     * @param list<FlowSauce> $sauces
     *
     * @return non-empty-list<FlowSauce> itself first
     */
    private static function familyOf(FlowSauce $root, array $sauces): array
    {
        $family = [$root];
        foreach ($sauces as $sauce) {
            if ($sauce->from === $root->key) {
                $family = [...$family, ...self::familyOf($sauce, $sauces)];
            }
        }

        return $family;
    }

    /**
     * @param list<FlowSauce> $sauces
     *
     * @return list<FlowSauce> of which nothing more is made
     */
    public static function ends(array $sauces): array
    {
        $parents = array_map(static fn(FlowSauce $sauce): ?string => $sauce->from, $sauces);

        return array_values(array_filter($sauces, static fn(FlowSauce $sauce): bool => !in_array($sauce->key, $parents, true)));
    }

    /** @param list<FlowSauce> $sauces */
    private static function named(?string $key, array $sauces): ?FlowSauce
    {
        foreach ($sauces as $sauce) {
            if ($sauce->key === $key) {
                return $sauce;
            }
        }

        return null;
    }

    /**
     * The largest scale at which all of a row fits.
     *
     * @param non-empty-list<FlowSauce> $band
     */
    private static function fitting(array $band): float
    {
        $column = self::WIDTH / self::COLUMNS;
        $scale = self::USUAL_SCALE;
        $ends = self::ends($band);
        foreach ($band as $sauce) {
            $isEnd = in_array($sauce, $ends, true);
            $columns = $isEnd ? 1 : count(self::ends(self::familyOf($sauce, $band)));
            $room = $isEnd ? self::WIDEST * $column : $columns * $column - self::BESIDE;
            $litres = max(
                $sauce->litres,
                $sauce->taken + array_sum(array_map(static fn(FlowAddition $one): float => $one->millilitres, $sauce->additions)) / 1000.0,
            );
            $scale = min($scale, $litres > 0.0 ? $room / $litres : $scale);
        }

        return $scale;
    }
}
