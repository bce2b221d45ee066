<?php

declare(strict_types=1);

namespace App\Kitchen;

/** The cooks of a kitchen with their hours and what they can: kept as text among its settings. */
final readonly class Hands
{
    /** More cooks stand in no galley. */
    private const MOST = 40;

    /** @return list<Hand> each cook once, in the kitchen's order; who nothing was told of is there all day and can all */
    public static function of(Kitchen $kitchen): array
    {
        $told = json_decode($kitchen->setting('hands', '[]'), true);
        $hands = [];
        foreach (array_values(array_unique($kitchen->cooks())) as $name) {
            $row = is_array($told) && is_array($told[$name] ?? null) ? $told[$name] : [];
            $hands[] = new Hand(
                $name,
                is_string($row['from'] ?? null) ? $row['from'] : '',
                is_string($row['until'] ?? null) ? $row['until'] : '',
                ($row['liaison'] ?? true) !== false,
            );
        }

        return $hands;
    }

    /**
     * @param array<mixed> $rows as they were typed: name, from, until, liaison
     */
    public static function written(array $rows): string
    {
        $told = [];
        foreach (array_slice($rows, 0, self::MOST) as $row) {
            if (!is_array($row) || !is_string($row['name'] ?? null)) {
                continue;
            }
            $text = static fn(string $field): string => is_string($row[$field] ?? null) ? trim($row[$field]) : '';
            $told[$row['name']] = ['from' => $text('from'), 'until' => $text('until'), 'liaison' => $text('liaison') === 'yes'];
        }

        return $told === [] ? '' : json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
