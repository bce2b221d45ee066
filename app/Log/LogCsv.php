<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Models\Pot;
use App\Questions\Fault;
use App\Questions\Typed;
use App\Stove\StoredEvent;
use DateTimeImmutable;
use DateTimeZone;
use Lento\Compose\Base;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Course\EventKind;
use Lento\Quantity\Duration;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/**
 * The log as a table for a spreadsheet, docs/formats/log-csv.md: a pot a row, what was planned and what came out.
 *
 * What happened at the stove is not in it. A row that is taken in, from an old paper log say, becomes a pot with its outcome and no course.
 */
final readonly class LogCsv
{
    public const COLUMNS = ['id', 'name', 'sauce', 'cook', 'started_at', 'finished_at', 'planned_litres', 'planned_spoon', 'planned_minutes', 'litres', 'spoon', 'colour', 'taste', 'change', 'held_litres', 'cooled_litres'];

    private const MOST_LITRES = 300.0;

    private const MOST_MINUTES = 10_000.0;

    private const LONGEST_TEXT = 2000;

    /** A spreadsheet would reckon with a cell that begins with one of these. */
    private const FORMULA = "=+-@\t\r";

    /**
     * @param list<int> $ids of the pots, in their order in the file
     *
     * @return iterable<string> the file piece by piece
     */
    public static function write(array $ids): iterable
    {
        yield self::line(self::COLUMNS);
        foreach (array_chunk($ids, 200) as $some) {
            $pots = Pot::query()->whereIn('id', $some)->get()->keyBy('id');
            foreach ($some as $id) {
                $pot = $pots->get($id);
                if ($pot !== null) {
                    yield self::line(self::row($pot));
                }
            }
        }
    }

    /**
     * @return list<ReadPot> in the order of the file
     *
     * @throws Refused naming the line and the column
     */
    public static function read(string $text): array
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
        rewind($stream);
        [$columns, $line, $pots] = [null, 1, []];
        while (($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $here = $line;
            $line += 1 + substr_count(implode('', array_map(strval(...), $cells)), "\n");
            $cells = array_map(self::plain(...), $cells);
            if ($columns === null) {
                $columns = self::header($cells);
            } elseif ($cells !== ['']) {
                if (count($cells) !== count($columns)) {
                    throw Refused::at($here, Words::text('log.file.cells', found: count($cells), wanted: count($columns)));
                }
                $pots[] = self::pot(array_combine($columns, $cells), $here);
            }
        }
        fclose($stream);
        if ($columns === null) {
            throw Refused::at(1, Words::text('log.file.foreign'));
        }

        return $pots;
    }

    /** @return list<string> */
    private static function row(Pot $pot): array
    {
        [$plan, $outcome] = [$pot->plan, $pot->outcome];
        $litres = static fn(float|int|null $millilitres): string => $millilitres === null ? '' : self::number($millilitres / 1000.0);
        $moment = static fn(?\Carbon\CarbonImmutable $at): string => $at?->utc()->format(PotRecord::MOMENT) ?? '';

        return [$pot->uid, $pot->name, $pot->base ?? '', $pot->cook ?? '', $moment($pot->started_at), $moment($pot->finished_at),
            $litres($plan['yield_ml'] ?? null), $plan['spoon'] ?? '', isset($plan['minutes']) ? self::number((float) $plan['minutes']) : '',
            $litres($outcome['volume_ml'] ?? null), $outcome['spoon'] ?? '', $outcome['colour'] ?? '', $outcome['taste'] ?? '', $outcome['change'] ?? '', $litres($outcome['hold_ml'] ?? null), $litres($outcome['cool_ml'] ?? null)];
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.4F', $number), '0'), '.');
    }

    /** @param list<string> $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(static function (string $cell): string {
            $cell = $cell !== '' && str_contains(self::FORMULA, $cell[0]) && !is_numeric($cell) ? "'" . $cell : $cell;

            return preg_match('/[",\r\n]|\A\s|\s\z/', $cell) === 1 ? '"' . str_replace('"', '""', $cell) . '"' : $cell;
        }, $cells)) . "\r\n";
    }

    /** A cell without the mark that keeps a spreadsheet from reckoning with it. */
    private static function plain(?string $cell): string
    {
        $cell ??= '';

        return strlen($cell) > 1 && $cell[0] === "'" && str_contains(self::FORMULA, $cell[1]) ? substr($cell, 1) : $cell;
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
            throw Refused::at(1, count($missing) === 2 ? Words::text('log.file.foreign') : Words::text('log.file.column_missing', column: implode(', ', $missing)));
        }
        $unknown = array_diff($columns, self::COLUMNS);
        if ($unknown !== [] || count(array_unique($columns)) !== count($columns)) {
            throw Refused::at(1, Words::text('log.file.column', column: mb_substr(array_values($unknown)[0] ?? implode(', ', array_diff_assoc($columns, array_unique($columns))), 0, 40), columns: implode(', ', self::COLUMNS)));
        }

        return $columns;
    }

    /** @param array<string, string> $cells by their columns */
    private static function pot(array $cells, int $line): ReadPot
    {
        $text = static function (string $column, int $longest, int $shortest = 0) use ($cells, $line): string {
            $value = $cells[$column] ?? '';
            if (!mb_check_encoding($value, 'UTF-8')) {
                throw Refused::fault($line, $column, new Fault('', 'not_utf8'));
            }
            if (mb_strlen($value) < $shortest || mb_strlen($value) > $longest) {
                throw Refused::fault($line, $column, mb_strlen($value) < $shortest ? new Fault('', 'missing') : new Fault('', 'long', ['most' => (string) $longest]));
            }

            return $value;
        };
        $number = static function (string $column, float $most, string $unit) use ($cells, $line): ?float {
            $typed = trim($cells[$column] ?? '');
            $value = $typed === '' ? null : Typed::number($typed);
            if ($typed !== '' && ($value === null || $value < 0.0 || $value > $most)) {
                throw Refused::fault($line, $column, new Fault('', 'number', ['least' => '0', 'most' => Typed::plain($most), 'unit' => $unit]));
            }

            return $value;
        };
        $choice = static function (string $column, array $choices) use ($cells, $line): string {
            $value = trim($cells[$column] ?? '');
            if ($value !== '' && !in_array($value, $choices, true)) {
                throw Refused::fault($line, $column, new Fault('', 'choice', ['value' => mb_substr(mb_scrub($value), 0, 40), 'choices' => implode(', ', array_filter($choices, is_string(...)))]));
            }

            return $value;
        };
        $finished = self::moment($cells['finished_at'] ?? '', 'finished_at', $line);
        $started = ($cells['started_at'] ?? '') === '' ? $finished : self::moment($cells['started_at'], 'started_at', $line);
        if ($started > $finished) {
            throw Refused::fault($line, 'started_at', new Fault('', 'after_its_end'));
        }
        $spoons = array_column(SpoonWord::cases(), 'value');
        $millilitres = static fn(?float $litres): ?float => $litres === null ? null : round(1000.0 * $litres, 1);
        [$planned, $litres] = [$millilitres($number('planned_litres', self::MOST_LITRES, ' l')), $millilitres($number('litres', self::MOST_LITRES, ' l'))];
        $plan = ['yield_ml' => $planned, 'spoon' => $choice('planned_spoon', $spoons), 'minutes' => $number('planned_minutes', self::MOST_MINUTES, ' min')];
        $spoon = $choice('spoon', $spoons);
        if (($litres === null) !== ($spoon === '')) {
            throw Refused::fault($line, $litres === null ? 'litres' : 'spoon', new Fault('', 'missing'));
        }
        $outcome = ['volume_ml' => $litres, 'spoon' => $spoon, 'colour' => $choice('colour', array_column(Colour::cases(), 'value')), 'taste' => $text('taste', self::LONGEST_TEXT), 'change' => $text('change', self::LONGEST_TEXT), 'hold_ml' => $millilitres($number('held_litres', self::MOST_LITRES, ' l')), 'cool_ml' => $millilitres($number('cooled_litres', self::MOST_LITRES, ' l'))];
        $base = $choice('sauce', array_column(Base::cases(), 'value'));
        $cook = $text('cook', 60);
        // The same row makes the same id, so that a table without ids can be taken in twice and counts once.
        $uid = $text('id', 40) !== '' ? $text('id', 40) : substr(hash('sha256', implode("\0", [$text('name', 200, 1), $started->format('Uv'), $finished->format('Uv'), $cook])), 0, 40);
        $moment = Duration::ofSeconds(0.0);

        return new ReadPot($line, $uid, [
            'uid' => $uid,
            'base' => $base === '' ? null : $base,
            'name' => $text('name', 200, 1),
            'cook' => $cook === '' ? null : $cook,
            'place' => '',
            'started_at' => $started,
            'finished_at' => $finished,
            'left_out' => false,
            'question' => [],
            'plan' => array_filter($plan, static fn(float|string|null $value): bool => $value !== null && $value !== ''),
            'steps' => [new Step(StepKind::Free, $moment, handsOn: false, timed: false), new Step(StepKind::Finish, $moment, handsOn: true, timed: false)],
            'outcome' => $litres === null ? null : array_filter($outcome, static fn(float|string|null $value): bool => $value !== null),
            'lesson' => null,
        ], [
            new StoredEvent(EventKind::Done, substr('row-' . $uid, 0, 58) . '-done', (int) $finished->format('Uv'), 0),
            new StoredEvent(EventKind::Finished, substr('row-' . $uid, 0, 58) . '-over', (int) $finished->format('Uv'), 1),
        ]);
    }

    private static function moment(string $text, string $column, int $line): DateTimeImmutable
    {
        // As it is written here, or as spreadsheets and people write it, by the clock of this kitchen.
        foreach (['!' . PotRecord::MOMENT => 'UTC', '!Y-m-d\TH:i:s\Z' => 'UTC', '!Y-m-d H:i:s' => '', '!Y-m-d H:i' => '', '!Y-m-d' => ''] as $format => $zone) {
            $moment = DateTimeImmutable::createFromFormat($format, trim($text), new DateTimeZone($zone === '' ? date_default_timezone_get() : $zone));
            if ($moment !== false && $moment->format(substr($format, 1)) === trim($text) && $moment->getTimestamp() >= 0) {
                return $moment->setTimezone(new DateTimeZone(date_default_timezone_get()));
            }
        }
        throw Refused::fault($line, $column, new Fault('', trim($text) === '' ? 'missing' : 'moment'));
    }
}
