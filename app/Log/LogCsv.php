<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Formats\CsvCells;
use App\Models\Pot;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Course\Outcome;
use Lento\Quantity\Volume;

/**
 * The log as a table for a spreadsheet, docs/formats/log-csv.md: a pot a row, what was planned and what came out.
 *
 * What happened at the stove is not in it. A row that is taken in, from an old paper log say, becomes a pot with its outcome and no course.
 */
final readonly class LogCsv
{
    public const COLUMNS = [
        'id',
        'name',
        'sauce',
        'cook',
        'started_at',
        'finished_at',
        'planned_litres',
        'planned_spoon',
        'planned_minutes',
        'litres',
        'spoon',
        'colour',
        'taste',
        'change',
        'held_litres',
        'cooled_litres',
    ];

    /** Bytes of a row: more is none, and millions of commas on a line would be millions of cells. */
    private const LONGEST_ROW = 65_536;

    /**
     * @param list<int> $ids of the pots, in their order in the file
     *
     * @return iterable<string> the file piece by piece
     */
    public static function write(array $ids): iterable
    {
        yield CsvCells::line(self::COLUMNS);
        foreach (array_chunk($ids, 200) as $some) {
            $pots = Pot::query()->whereIn('id', $some)->get()->keyBy('id');
            foreach ($some as $id) {
                $pot = $pots->get($id);
                if ($pot !== null) {
                    yield CsvCells::line(self::row($pot));
                }
            }
        }
    }

    /** @throws Refused naming the line and the column */
    public static function read(string $text): ReadPots
    {
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        $first = strtok($text, "\r\n");
        // Spreadsheets of countries with a decimal comma part their columns by semicolons.
        $separator = $first !== false && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $stream = fopen('php://temp', 'r+b');
        if ($stream === false) {
            throw Refused::whole(Words::text('log.file.unreadable'));
        }
        fwrite($stream, $text);
        unset($text);
        self::refuseTooMany($stream, $separator);
        [$columns, $line, $pots] = [null, 1, new ReadPots()];
        while (($cells = fgetcsv($stream, self::LONGEST_ROW, $separator, '"', '')) !== false) {
            $here = $line;
            $line += 1 + substr_count(implode('', array_map(strval(...), $cells)), "\n");
            $cells = array_map(CsvCells::plain(...), $cells);
            if ($columns === null) {
                $columns = self::header($cells);
            } elseif ($cells !== ['']) {
                if (count($cells) !== count($columns)) {
                    throw Refused::at($here, Words::text('log.file.cells', found: count($cells), wanted: count($columns)));
                }
                $pots->add(CsvRow::of(array_combine($columns, $cells), $here)->pot());
            }
        }
        fclose($stream);
        if ($columns === null) {
            throw Refused::at(1, Words::text('log.file.foreign'));
        }

        return $pots;
    }

    /**
     * Counted before the first is made a pot of: what no kitchen has cooked is told at once. Empty lines count once there are as many.
     *
     * @param resource $stream left at its beginning
     *
     * @throws Refused as it does where it is read
     */
    private static function refuseTooMany($stream, string $separator): void
    {
        rewind($stream);
        [$line, $rows, $pots] = [1, 0, -1];
        while (($cells = fgetcsv($stream, self::LONGEST_ROW, $separator, '"', '')) !== false) {
            if ($cells !== [null] && $pots++ === -1) {
                self::header(array_map(CsvCells::plain(...), $cells));
            }
            if (++$rows > 2 * ReadPots::MOST || $pots > ReadPots::MOST) {
                throw Refused::at($line, Words::text('log.file.too_many', most: ReadPots::MOST));
            }
            $line += 1 + substr_count(implode('', array_map(strval(...), $cells)), "\n");
        }
        rewind($stream);
    }

    /** @return list<string> */
    private static function row(Pot $pot): array
    {
        $logged = LoggedPot::of($pot);
        [$promise, $outcome] = [$logged->promise, $logged->outcome];
        $litres = static fn(?Volume $volume): string => $volume === null ? '' : self::number($volume->inLitres());
        $some = static fn(?Volume $volume): string => $volume === null || $volume->cubicMetres <= 0.0
            ? ''
            : self::number($volume->inLitres());
        $moment = static fn(?CarbonImmutable $at): string => $at?->utc()->format(Moment::FORMAT) ?? '';
        $minutes = $logged->planned->inMinutes();

        return [
            $pot->uid,
            $pot->name,
            self::sauce($pot),
            $pot->cook ?? '',
            $moment($pot->started_at),
            $moment($pot->finished_at),
            $litres($promise?->volume),
            $promise->spoon->value ?? '',
            $minutes > 0.0 ? self::number($minutes) : '',
            $litres($outcome?->volume),
            $outcome->spoon->value ?? '',
            $outcome?->colour->value ?? '',
            $outcome->taste ?? '',
            $outcome->change ?? '',
            $some($outcome?->held),
            $some($outcome?->cooled),
        ];
    }

    /** One of the kitchen's own goes out as what it was made from: a table has no room to say more. */
    private static function sauce(Pot $pot): string
    {
        return str_starts_with($pot->sauce ?? '', 'own-') ? ($pot->plan->making->root ?? '') : $pot->sauce ?? '';
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.4F', $number), '0'), '.');
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string> the columns in the order of this file
     */
    private static function header(array $cells): array
    {
        $columns = array_map(static fn(string $cell): string => mb_strtolower(trim($cell)), $cells);
        $missing = array_diff(['name', 'finished_at'], $columns);
        if ($missing !== []) {
            throw Refused::at(
                1,
                count($missing) === 2
                    ? Words::text('log.file.foreign')
                    : Words::text('log.file.column_missing', column: implode(', ', $missing)),
            );
        }
        $unknown = array_diff($columns, self::COLUMNS);
        if ($unknown !== [] || count(array_unique($columns)) !== count($columns)) {
            throw Refused::at(
                1,
                Words::text(
                    'log.file.column',
                    column: mb_substr(
                        array_values($unknown)[0] ?? implode(', ', array_diff_assoc($columns, array_unique($columns))),
                        0,
                        40,
                    ),
                    columns: implode(', ', self::COLUMNS),
                ),
            );
        }

        return $columns;
    }
}
