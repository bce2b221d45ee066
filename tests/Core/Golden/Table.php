<?php

declare(strict_types=1);

namespace Tests\Core\Golden;

use RuntimeException;

/** The calibration tables of docs/model.md, as the model's prototype printed them. */
final readonly class Table
{
    /** @return list<array<string, string>> rows by column name */
    public static function rows(string $name): array
    {
        $file = fopen(__DIR__ . '/' . $name . '.csv', 'rb') ?: throw new RuntimeException('no table ' . $name);
        $head = fgetcsv($file) ?: throw new RuntimeException('empty table ' . $name);
        $rows = [];
        while (($row = fgetcsv($file)) !== false) {
            $rows[] = array_combine(array_map(strval(...), $head), array_map(strval(...), $row));
        }
        fclose($file);

        return $rows;
    }

    /** Half a unit of the last printed digit: as near as a printed number can be met. */
    public static function half(string $printed): float
    {
        $decimals = str_contains($printed, '.') ? strlen($printed) - (int) strpos($printed, '.') - 1 : 0;

        return 0.5 * 10.0 ** -$decimals + 1e-9;
    }

    /** @return array<array-key, mixed> */
    public static function vectors(): array
    {
        $vectors = json_decode((string) file_get_contents(__DIR__ . '/vectors.json'), true, 16, JSON_THROW_ON_ERROR);

        return is_array($vectors) ? $vectors : throw new RuntimeException('vectors.json holds no object');
    }
}
