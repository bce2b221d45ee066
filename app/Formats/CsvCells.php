<?php

declare(strict_types=1);

namespace App\Formats;

/** Cells of a table for a spreadsheet, RFC 4180: none of them is reckoned with. */
final readonly class CsvCells
{
    /** A spreadsheet would reckon with a cell that begins with one of these. */
    private const FORMULA = '=+\-@\t\r';

    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(static function (string $cell): string {
            $cell = is_numeric($cell) ? $cell : self::marked($cell);

            return preg_match('/[",\r\n]|\A\s|\s\z/', $cell) === 1 ? '"' . str_replace('"', '""', $cell) . '"' : $cell;
        }, $cells)) . "\r\n";
    }

    /** A cell without those marks. */
    public static function plain(?string $cell): string
    {
        return (string) preg_replace('/(\A|[;\t\r\n] *)\'(\'*)(?=[' . self::FORMULA . '])/', '$1$2', $cell ?? '');
    }

    /**
     * With a mark before whatever a spreadsheet would reckon with: at its beginning, and after a sign by which some countries' tables part
     * their cells, for there a cell of its own begins with it.
     */
    private static function marked(string $cell): string
    {
        return (string) preg_replace('/(\A|[;\t\r\n] *)(\'*)(?=[' . self::FORMULA . '])/', "$1$2'", $cell);
    }
}
