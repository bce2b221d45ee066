<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Tub;
use App\Records\Moment;
use App\Shelf\StoredShelf;
use Carbon\CarbonImmutable;

/** What is kept, for other programs: docs/formats/stock.schema.json, and the same as CSV. */
final readonly class StockJson
{
    private const COLUMNS = [
        'tub',
        'batch',
        'name',
        'sauce',
        'liquid',
        'litres',
        'state',
        'spot',
        'vessel',
        'celsius',
        'made_at',
        'use_by',
        'allergens',
        'reheated',
    ];

    /** @return list<array<string, mixed>> the first to be used first */
    public static function tubs(CarbonImmutable $now): array
    {
        $tubs = [];
        foreach (Tub::query()->with('batch')->there()->orderBy('use_by')->orderBy('id')->lazy() as $tub) {
            $stem = StoredShelf::facts($tub->batch)->stem;
            $tubs[] = [
                'tub' => $tub->id,
                'batch' => $tub->batch->code,
                'name' => $tub->batch->name,
                'sauce' => $tub->batch->sauce,
                'liquid' => $tub->batch->liquid,
                'litres' => $tub->ml / 1000.0,
                'state' => $tub->state->value,
                'spot' => $tub->spot->value,
                'vessel' => $tub->vessel,
                'celsius' => $tub->celsius === null ? null : round($tub->celsius, 1),
                'made_at' => Moment::of($tub->batch->made_at_ms)->format('c'),
                'use_by' => $tub->use_by === null ? null : substr($tub->use_by, 0, 10),
                'past_use' => $tub->isPastUse($now),
                'thickness_g_per_l' => $stem === null ? null : round($stem->thickness()->gramsPerLitre, 1),
                'allergens' => $stem === null ? null : AllergensJson::of($stem->carries->allergens, $stem->carries->readLabel),
                'reheated' => $tub->reheated,
            ];
        }

        return $tubs;
    }

    /** @param list<array<string, mixed>> $tubs */
    public static function csv(array $tubs): string
    {
        $lines = CsvCells::line(self::COLUMNS);
        foreach ($tubs as $tub) {
            $lines .= CsvCells::line(array_map(static function (string $column) use ($tub): string {
                $cell = $tub[$column] ?? '';

                return match (true) {
                    is_bool($cell) => $cell ? 'yes' : 'no',
                    is_array($cell) => implode(' ', self::words($cell)),
                    default => is_scalar($cell) ? (string) $cell : '',
                };
            }, self::COLUMNS));
        }

        return $lines;
    }

    /**
     * @param array<mixed> $allergens
     *
     * @return list<string>
     */
    private static function words(array $allergens): array
    {
        $contains = $allergens['contains'] ?? [];

        return is_array($contains) ? array_values(array_filter($contains, is_string(...))) : [];
    }
}
