<?php

declare(strict_types=1);

namespace App\Stove;

use App\Kitchen\Kitchen;
use App\Questions\Fault;
use App\Questions\Typed;
use BackedEnum;
use Lento\Compose\TendingKind;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\KeptAs;
use Lento\Course\ReadingKind;
use Lento\Course\Taste;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Thickness\SpoonWord;

/** What a tablet says has happened, as a form or as JSON: an event to keep, or what is wrong with it and at which field. */
final readonly class EventReader
{
    private const MOST_STEP = 200;

    private const LONGEST_NOTE = 500;

    private const LONGEST_NAME = 60;

    private const MOST_SECONDS = 7200;

    private const MOST_LITRES = 200.0;

    private const MOST_KILOGRAMS = 20.0;

    public function __construct(private Kitchen $kitchen) {}

    /** @param array<string, mixed> $said */
    public function read(array $said): StoredEvent|Fault
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $kind = EventKind::tryFrom($text('kind'));
        $token = $text('token');
        if ($kind === null) {
            return new Fault('kind', 'choice', ['value' => mb_substr($text('kind'), 0, 40), 'choices' => implode(', ', array_column(EventKind::cases(), 'value'))]);
        }
        if ($token === '' || strlen($token) > 64) {
            return new Fault('token', $token === '' ? 'missing' : 'long', ['most' => '64']);
        }
        $step = self::whole($text('step'), self::MOST_STEP);
        if ($step === null) {
            return self::outside('step', 0.0, (float) self::MOST_STEP, '');
        }
        $what = $this->what($kind, $text);

        return $what instanceof Fault ? $what : new StoredEvent(
            $kind,
            $token,
            // A tablet's moment may be anything; RecordEvents holds it within reason.
            self::whole($text('at'), PHP_INT_MAX) ?? 0,
            $step,
            $what['pour'] ?? 0,
            $what['goes_to'] ?? null,
            $what['seconds'] ?? 0,
            $what['value'] ?? null,
            $what['choice'] ?? '',
            $what['text'] ?? '',
            $what['undoes'] ?? '',
        );
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{pour?: int<0, max>, goes_to?: int<0, max>|null, seconds?: int<0, max>, value?: float, choice?: string, text?: string, undoes?: string}|Fault
     */
    private function what(EventKind $kind, callable $text): array|Fault
    {
        return match ($kind) {
            EventKind::Poured, EventKind::Unpoured => ['pour' => self::whole($text('pour'), self::MOST_STEP) ?? 0],
            EventKind::Done => ['goes_to' => $text('to') === '' ? null : self::whole($text('to'), self::MOST_STEP)],
            EventKind::MoreTime => ($seconds = self::whole($text('seconds'), self::MOST_SECONDS)) === null || $seconds === 0 ? self::outside('seconds', 1.0, (float) self::MOST_SECONDS, ' s') : ['seconds' => $seconds],
            EventKind::Tended => self::chosen('tending', $text('choice'), TendingKind::cases()),
            EventKind::Heat => self::chosen('heat', $text('choice'), [...HobHeat::cases(), ...SimmerLevel::cases()]),
            EventKind::Tasted => self::chosen('taste', $text('choice'), Taste::cases()),
            EventKind::Kept => self::chosen('kept', $text('choice'), KeptAs::cases()),
            EventKind::Moved => Place::named($text('choice'), $this->kitchen) === null ? self::notOneOf('where', $text('choice'), array_keys(Place::all($this->kitchen))) : ['choice' => $text('choice')],
            // A remedy is worked out where it is asked for; only how it went is told by a tablet.
            EventKind::Rescued => new Fault('kind', 'choice', ['value' => $kind->value, 'choices' => 'POST /rescue']),
            EventKind::FollowedUp => $text('rescue') === '' || strlen($text('rescue')) > 64 ? new Fault('rescue', 'missing') : self::followUp($text),
            EventKind::TakenOver => self::said('cook', $text('text'), self::LONGEST_NAME),
            EventKind::Note => self::said('text', $text('text'), self::LONGEST_NOTE),
            EventKind::LadledOff => self::ladledOff($text),
            EventKind::Undone => $text('undoes') === '' || strlen($text('undoes')) > 64 ? new Fault('undoes', 'missing') : ['undoes' => $text('undoes')],
            EventKind::Read => $this->reading($text),
            EventKind::ToppedUp => self::amount('litres', $text('litres'), self::MOST_LITRES, ' l', static fn(float $litres): float => Volume::ofLitres($litres)->cubicMetres),
            EventKind::Thickened => self::thickened($text),
            EventKind::Back, EventKind::Finished, EventKind::TakenOff => [],
        };
    }

    /**
     * A number in the field that is named like the instrument, or in the one for any; or a word or a colour that was tapped.
     *
     * @param callable(string): string $text
     *
     * @return array{value: float, choice: string}|Fault
     */
    private function reading(callable $text): array|Fault
    {
        $kind = ReadingKind::tryFrom($text('choice'));
        if ($kind === null) {
            return self::notOneOf('reading', $text('choice'), array_column(ReadingKind::cases(), 'value'));
        }
        $typed = $text($kind->value) === '' ? $text('value') : $text($kind->value);
        if ($kind === ReadingKind::Spoon) {
            $at = array_search($typed, array_column(SpoonWord::cases(), 'value'), true);

            return $at === false ? self::notOneOf('spoon', $typed, array_column(SpoonWord::cases(), 'value')) : ['value' => (float) $at, 'choice' => $kind->value];
        }
        if ($kind === ReadingKind::Line) {
            return in_array($typed, ['holds', 'runs'], true) ? ['value' => $typed === 'holds' ? 1.0 : 0.0, 'choice' => $kind->value] : self::notOneOf('line', $typed, ['holds', 'runs']);
        }
        [$least, $most, $unit] = $this->limits($kind);
        // Nobody reads thousandths of a millimetre: that comma stands between thousands.
        $number = Typed::number($unit === ' mm' ? (string) preg_replace('/\A(\d{1,3}),(\d{3})\z/', '$1$2', $typed) : $typed);

        return $number === null || $number < $least - 1e-9 || $number > $most + 1e-9
            ? self::outside($kind->value, $least, $most, $unit)
            : ['value' => min($kind->range()[1], max($kind->range()[0], $this->inSi($kind, $number))), 'choice' => $kind->value];
    }

    /** @return array{float, float, string} in the cook's unit */
    public function limits(ReadingKind $kind): array
    {
        [$least, $most] = $kind->range();

        return match ($kind) {
            ReadingKind::Temperature => $this->kitchen->fahrenheit() ? [32.0, 572.0, ' °F'] : [0.0, 300.0, ' °C'],
            ReadingKind::Depth, ReadingKind::Spread => [1000.0 * $least, 1000.0 * $most, ' mm'],
            ReadingKind::Weight => [$least, $most, ' kg'],
            ReadingKind::FunnelNarrow, ReadingKind::FunnelWide => [$least, $most, ' s'],
            default => [$least, $most, ''],
        };
    }

    private function inSi(ReadingKind $kind, float $number): float
    {
        return match ($kind) {
            ReadingKind::Temperature => ($this->kitchen->fahrenheit() ? Temperature::ofFahrenheit($number) : Temperature::ofCelsius($number))->kelvin,
            ReadingKind::Depth, ReadingKind::Spread => $number / 1000.0,
            default => $number,
        };
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{value: float, choice: string}|Fault
     */
    private static function thickened(callable $text): array|Fault
    {
        $means = self::chosen('means', $text('choice'), Means::cases());
        $grams = self::amount('grams', $text('grams'), 1000.0 * self::MOST_KILOGRAMS, ' g', static fn(float $grams): float => $grams / 1000.0);

        return $means instanceof Fault ? $means : ($grams instanceof Fault ? $grams : [...$means, ...$grams]);
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{value: float, text: string}|Fault
     */
    private static function ladledOff(callable $text): array|Fault
    {
        $litres = self::amount('litres', $text('litres'), self::MOST_LITRES, ' l', static fn(float $litres): float => Volume::ofLitres($litres)->cubicMetres);
        $for = self::said('text', $text('text'), self::LONGEST_NAME);

        return $litres instanceof Fault ? $litres : ($for instanceof Fault ? $for : [...$litres, ...$for]);
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{choice: string, text: string}|Fault
     */
    private static function followUp(callable $text): array|Fault
    {
        $how = self::chosen('follow', $text('choice'), FollowUp::cases());

        return $how instanceof Fault ? $how : [...$how, 'text' => $text('rescue')];
    }

    /**
     * @param list<BackedEnum> $cases
     *
     * @return array{choice: string}|Fault
     */
    private static function chosen(string $field, string $text, array $cases): array|Fault
    {
        $names = array_map(static fn(BackedEnum $case): string => (string) $case->value, $cases);

        return in_array($text, $names, true) ? ['choice' => $text] : self::notOneOf($field, $text, $names);
    }

    /** @return array{text: string}|Fault */
    private static function said(string $field, string $text, int $longest): array|Fault
    {
        return match (true) {
            $text === '' => new Fault($field, 'missing'),
            mb_strlen($text) > $longest => new Fault($field, 'long', ['most' => (string) $longest]),
            default => ['text' => $text],
        };
    }

    /**
     * @param callable(float): float $inSi
     *
     * @return array{value: float}|Fault
     */
    private static function amount(string $field, string $text, float $most, string $unit, callable $inSi): array|Fault
    {
        $number = Typed::number($text);

        return $number === null || $number <= 0.0 || $number > $most ? self::outside($field, 0.001, $most, $unit) : ['value' => $inSi($number)];
    }

    /** @param list<string> $choices */
    private static function notOneOf(string $field, string $text, array $choices): Fault
    {
        return new Fault($field, 'choice', ['value' => mb_substr($text, 0, 40), 'choices' => implode(', ', $choices)]);
    }

    private static function outside(string $field, float $least, float $most, string $unit): Fault
    {
        return new Fault($field, 'number', ['least' => Typed::plain($least), 'most' => Typed::plain($most), 'unit' => $unit]);
    }

    /** @return int<0, max>|null */
    private static function whole(string $text, int $most): ?int
    {
        $number = preg_match('/\A\d{1,15}\z/', $text) === 1 ? (int) $text : -1;

        return $number < 0 || $number > $most ? null : $number;
    }
}
