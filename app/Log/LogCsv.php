<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Models\Pot;
use App\Records\Moment;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use Lento\Compose\Base;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Outcome;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Family\Catalogue;
use Lento\Plan\Pace;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

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

    /** @param array<string, string> $cells by their columns */
    private static function pot(array $cells, int $line): ReadPot
    {
        $text = static function (string $column, int $longest, int $shortest = 0) use ($cells, $line): string {
            $value = $cells[$column] ?? '';
            if (!mb_check_encoding($value, 'UTF-8')) {
                throw Refused::fault($line, $column, new FieldFault('', 'not_utf8'));
            }
            if (mb_strlen($value) < $shortest || mb_strlen($value) > $longest) {
                throw Refused::fault(
                    $line,
                    $column,
                    mb_strlen($value) < $shortest
                        ? new FieldFault('', 'missing')
                        : new FieldFault('', 'long', ['most' => (string) $longest]),
                );
            }

            return $value;
        };
        $number = static function (string $column, float $most, string $unit) use ($cells, $line): ?float {
            $typed = trim($cells[$column] ?? '');
            $value = $typed === '' ? null : TypedNumber::number($typed);
            if ($typed !== '' && ($value === null || $value < 0.0 || $value > $most)) {
                throw Refused::fault(
                    $line,
                    $column,
                    new FieldFault('', 'number', ['least' => '0', 'most' => TypedNumber::plain($most), 'unit' => $unit]),
                );
            }

            return $value;
        };
        $choice = static function (string $column, array $choices) use ($cells, $line): string {
            $value = trim($cells[$column] ?? '');
            if ($value !== '' && !in_array($value, $choices, true)) {
                throw Refused::fault(
                    $line,
                    $column,
                    new FieldFault('', 'choice', [
                        'value' => mb_substr(mb_scrub($value), 0, 40),
                        'choices' => implode(', ', array_filter($choices, is_string(...))),
                    ]),
                );
            }

            return $value;
        };
        $finished = self::moment($cells['finished_at'] ?? '', 'finished_at', $line);
        $started = ($cells['started_at'] ?? '') === '' ? $finished : self::moment($cells['started_at'], 'started_at', $line);
        if ($started > $finished) {
            throw Refused::fault($line, 'started_at', new FieldFault('', 'after_its_end'));
        }
        $spoons = array_column(SpoonWord::cases(), 'value');
        $volume = static fn(?float $litres): ?Volume => $litres === null ? null : Volume::ofMillilitres(round(1000.0 * $litres, 1));
        [$planned, $came] = [
            $volume($number('planned_litres', self::MOST_LITRES, ' l')),
            $volume($number('litres', self::MOST_LITRES, ' l')),
        ];
        [$shown, $minutes] = [
            SpoonWord::tryFrom($choice('planned_spoon', $spoons)),
            $number('planned_minutes', self::MOST_MINUTES, ' min'),
        ];
        $spoon = SpoonWord::tryFrom($choice('spoon', $spoons));
        if (($came === null) !== ($spoon === null)) {
            throw Refused::fault($line, $came === null ? 'litres' : 'spoon', new FieldFault('', 'missing'));
        }
        [$taste, $change] = [$text('taste', self::LONGEST_TEXT), $text('change', self::LONGEST_TEXT)];
        $colour = Colour::tryFrom($choice('colour', array_column(Colour::cases(), 'value')));
        [$held, $cooled] = [
            $volume($number('held_litres', self::MOST_LITRES, ' l')),
            $volume($number('cooled_litres', self::MOST_LITRES, ' l')),
        ];
        $nothing = Volume::ofLitres(0.0);
        try {
            $outcome = $came === null || $spoon === null
                ? null
                : Outcome::of($came, $spoon, $colour)
                    ->saying($taste, $change)
                    ->keeping($held ?? $nothing, $cooled ?? $nothing);
        } catch (OutOfRange $refusal) {
            throw Refused::fault(
                $line,
                $refusal->quantity === 'what-was-kept' ? 'held_litres' : 'litres',
                $refusal->quantity === 'what-was-kept'
                    ? new FieldFault('', 'more_than_all', ['litres' => TypedNumber::plain($came->inLitres())])
                    : new FieldFault('', 'number', ['least' => '0.001', 'most' => TypedNumber::plain(self::MOST_LITRES), 'unit' => ' l']),
            );
        }
        $sauce = $choice('sauce', [...array_column(Base::cases(), 'value'), ...array_keys(Catalogue::house()->derivatives())]);
        $cook = $text('cook', 60);
        // The same row makes the same id, so that a table without ids can be taken in twice and counts once.
        $uid = $text('id', 40) !== ''
            ? $text('id', 40)
            : substr(
                hash('sha256', implode("\0", [$text('name', 200, 1), $started->format('Uv'), $finished->format('Uv'), $cook])),
                0,
                40,
            );
        $log = Step::of(StepKind::Free, Pace::of(Duration::ofMinutes($minutes ?? 0.0), handsOn: false, timed: false));
        $promise = $planned === null || $planned->cubicMetres <= 0.0 ? null : Promise::noted($planned, $shown);
        $stamp = static fn(string $what, StepKind $step): Stamp => Stamp::of(
            substr('row-' . $uid, 0, 58) . '-' . $what,
            $step->value,
            $finished,
        );

        return new ReadPot($line, $uid, [
            'uid' => $uid,
            'sauce' => $sauce === '' ? null : $sauce,
            'name' => $text('name', 200, 1),
            'cook' => $cook === '' ? null : $cook,
            'place' => '',
            'started_at' => $started,
            'left_out' => false,
            'question' => [],
            'plan' => Plan::of([$log, Step::of(StepKind::Finish, Pace::moment())], promise: $promise),
        ], [new Done($stamp('done', StepKind::Free)), new Finished($stamp('over', StepKind::Finish), $outcome)]);
    }

    private static function moment(string $text, string $column, int $line): DateTimeImmutable
    {
        // As it is written here, or as spreadsheets and people write it, by the clock of this kitchen.
        $formats = ['!' . Moment::FORMAT => 'UTC', '!Y-m-d\TH:i:s\Z' => 'UTC', '!Y-m-d H:i:s' => '', '!Y-m-d H:i' => '', '!Y-m-d' => ''];
        foreach ($formats as $format => $zone) {
            $moment = DateTimeImmutable::createFromFormat(
                $format,
                trim($text),
                new DateTimeZone($zone === '' ? date_default_timezone_get() : $zone),
            );
            if ($moment !== false && $moment->format(substr($format, 1)) === trim($text) && $moment->getTimestamp() >= 0) {
                return $moment->setTimezone(new DateTimeZone(date_default_timezone_get()));
            }
        }
        throw Refused::fault($line, $column, new FieldFault('', trim($text) === '' ? 'missing' : 'moment'));
    }
}
