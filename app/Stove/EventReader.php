<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Station;
use App\Kitchen\Kitchen;
use App\Records\EventCodec;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use BackedEnum;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Happened\Noted;
use Lento\Course\Happened\TakenOver;
use Lento\Course\Happened\Thickened;
use Lento\Course\Happened\ToppedUp;
use Lento\Course\KeptAs;
use Lento\Course\ReadingKind;
use Lento\Course\Stamp;
use Lento\Course\Taste;
use Lento\Heat\HobHeat;
use Lento\Plan\Addition;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Thickness\SpoonWord;

/** What a tablet says has happened, as a form or as JSON: an event to keep, or what is wrong with it and at which field. */
final readonly class EventReader
{
    private const MOST_SECONDS = 7200;

    private const LONGEST_KIND = 20;

    public function __construct(private Kitchen $kitchen) {}

    /**
     * @param array<string, mixed> $said
     * @param Plan $plan of its pot: an older tablet numbers its steps and pours
     */
    public function read(array $said, Plan $plan): Tap|FieldFault
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $kind = EventKind::tryFrom($text('kind'));
        $token = $text('token');
        if ($token === '' || strlen($token) > Stamp::LONGEST_ID) {
            return new FieldFault('token', $token === '' ? 'missing' : 'long', ['most' => (string) Stamp::LONGEST_ID]);
        }
        // A tablet's moment may be anything; RecordEvents holds it within reason.
        $at = self::whole($text('at'), PHP_INT_MAX) ?? 0;
        if ($kind === null || $kind === EventKind::Unknown) {
            return $this->unknown($said, $text, $token, $at);
        }
        $step = self::step($plan, $text('step'));
        if ($step === null) {
            return self::notOneOf('step', $text('step'), array_map(static fn(Step $one): string => $one->id, $plan->steps));
        }
        $fields = $this->what($kind, $text, $plan, $step);

        return $fields instanceof FieldFault ? $fields : Tap::of($token, $kind->value, $step->id, $at, $fields);
    }

    /**
     * Of a kind that is not known here: kept with all it says if the tablet is newer than this server, else a slip.
     *
     * @param array<string, mixed> $said
     * @param callable(string): string $text
     */
    private function unknown(array $said, callable $text, string $token, int $at): Tap|FieldFault
    {
        $name = $text('kind');
        if ((self::whole($text('v'), 1000) ?? 0) <= EventCodec::VERSION || $name === '' || strlen($name) > self::LONGEST_KIND) {
            return self::notOneOf(
                'kind',
                $name,
                array_values(array_diff(array_column(EventKind::cases(), 'value'), [EventKind::Unknown->value])),
            );
        }

        return Tap::of(
            $token,
            $name,
            mb_substr($text('step'), 0, 60),
            $at,
            array_diff_key($said, ['v' => 0, 'kind' => 0, 'token' => 0, 'step' => 0, 'at' => 0, 'pot' => 0]),
        );
    }

    /** By its id, or by its number as a tablet from before has it. */
    private static function step(Plan $plan, string $said): ?Step
    {
        $at = $plan->at($said) ?? self::whole($said, count($plan->steps) - 1);

        return $at === null ? null : $plan->steps[$at] ?? null;
    }

    /** @return array{addition: string}|FieldFault */
    private static function addition(Step $step, string $said): array|FieldFault
    {
        $addition = $step->addition($said) ?? $step->additions[self::whole($said, 10_000) ?? -1] ?? null;

        return $addition === null
            ? self::notOneOf('pour', $said, array_map(static fn(Addition $one): string => $one->id, $step->additions))
            : ['addition' => $addition->id];
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault as EventCodec has them
     */
    private function what(EventKind $kind, callable $text, Plan $plan, Step $step): array|FieldFault
    {
        return match ($kind) {
            EventKind::Poured, EventKind::Unpoured => self::addition($step, $text('pour')),
            EventKind::Done => ($to = self::step($plan, $text('to'))) === null ? [] : ['to' => $to->id],
            EventKind::MoreTime => ($seconds = self::whole($text('seconds'), self::MOST_SECONDS)) === null || $seconds === 0
                ? self::outside('seconds', 1.0, (float) self::MOST_SECONDS, ' s')
                : ['s' => (float) $seconds],
            EventKind::Tended => self::chosen('tending', 'visit', $text('choice'), TendingKind::cases()),
            EventKind::Heat => self::chosen('heat', 'heat', $text('choice'), [...HobHeat::cases(), ...SimmerLevel::cases()]),
            EventKind::Tasted => self::chosen('taste', 'taste', $text('choice'), Taste::cases()),
            EventKind::Kept => self::chosen('kept', 'kept', $text('choice'), KeptAs::cases()),
            EventKind::Moved => Station::named($text('choice'), $this->kitchen) === null
                ? self::notOneOf('where', $text('choice'), array_keys(Station::all($this->kitchen)))
                : ['place' => $text('choice')],
            // A remedy is worked out where it is asked for; only how it went is told by a tablet.
            EventKind::Rescued => new FieldFault('kind', 'choice', ['value' => $kind->value, 'choices' => 'POST /rescue']),
            EventKind::FollowedUp => self::followUp($text),
            EventKind::TakenOver => self::said('cook', 'cook', $text('text'), TakenOver::LONGEST),
            EventKind::Note => self::said('text', 'text', $text('text'), Noted::LONGEST),
            EventKind::LadledOff => self::ladledOff($text),
            EventKind::Undone => $text('undoes') === '' || strlen($text('undoes')) > Stamp::LONGEST_ID
                ? new FieldFault('undoes', 'missing')
                : ['undoes' => $text('undoes')],
            EventKind::Read => $this->reading($text),
            EventKind::ToppedUp => self::litres($text),
            EventKind::Thickened => self::thickened($text),
            // What came out is read by OutcomeReader.
            EventKind::Back, EventKind::Finished, EventKind::TakenOff, EventKind::Unknown => [],
        };
    }

    /**
     * A number in the field that is named like the instrument, or in the one for any; or a word or a colour that was tapped.
     *
     * @param callable(string): string $text
     *
     * @return array{reading: string, si: float}|FieldFault
     */
    private function reading(callable $text): array|FieldFault
    {
        $kind = ReadingKind::tryFrom($text('choice'));
        if ($kind === null) {
            return self::notOneOf('reading', $text('choice'), array_column(ReadingKind::cases(), 'value'));
        }
        $typed = $text($kind->value) === '' ? $text('value') : $text($kind->value);
        if ($kind === ReadingKind::Spoon) {
            $at = array_search($typed, array_column(SpoonWord::cases(), 'value'), true);

            return $at === false
                ? self::notOneOf('spoon', $typed, array_column(SpoonWord::cases(), 'value'))
                : ['reading' => $kind->value, 'si' => (float) $at];
        }
        if ($kind === ReadingKind::Line) {
            return in_array($typed, ['holds', 'runs'], true)
                ? ['reading' => $kind->value, 'si' => $typed === 'holds' ? 1.0 : 0.0]
                : self::notOneOf('line', $typed, ['holds', 'runs']);
        }
        [$least, $most, $unit] = $this->limits($kind);
        // Nobody reads thousandths of a millimetre: that comma stands between thousands.
        $number = TypedNumber::number($unit === ' mm' ? (string) preg_replace('/\A(\d{1,3}),(\d{3})\z/', '$1$2', $typed) : $typed);

        return $number === null || $number < $least - 1e-9 || $number > $most + 1e-9
            ? self::outside($kind->value, $least, $most, $unit)
            : ['reading' => $kind->value, 'si' => min($kind->range()[1], max($kind->range()[0], $this->inSi($kind, $number)))];
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
            ReadingKind::Temperature => (
                $this->kitchen->fahrenheit()
                ? Temperature::ofFahrenheit($number)
                : Temperature::ofCelsius($number)
            )->kelvin,
            ReadingKind::Depth, ReadingKind::Spread => $number / 1000.0,
            default => $number,
        };
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{means: string, kg: float}|FieldFault
     */
    private static function thickened(callable $text): array|FieldFault
    {
        $means = self::chosen('means', 'means', $text('choice'), Means::cases());
        $grams = self::amount('grams', $text('grams'), 1000.0 * Thickened::MOST_KILOGRAMS, ' g');

        return $means instanceof FieldFault
            ? $means
            : ($grams instanceof FieldFault
                ? $grams
                : ['means' => $means['means'] ?? '', 'kg' => $grams / 1000.0]);
    }

    /**
     * @param callable(string): string $text
     *
     * @return array{m3: float}|FieldFault
     */
    private static function litres(callable $text): array|FieldFault
    {
        $litres = self::amount('litres', $text('litres'), ToppedUp::MOST_LITRES, ' l');

        return $litres instanceof FieldFault ? $litres : ['m3' => Volume::ofLitres($litres)->cubicMetres];
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault
     */
    private static function ladledOff(callable $text): array|FieldFault
    {
        $litres = self::litres($text);
        $for = self::said('text', 'for', $text('text'), LadledOff::LONGEST_NAME);

        return $litres instanceof FieldFault ? $litres : ($for instanceof FieldFault ? $for : [...$litres, ...$for]);
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, string>|FieldFault
     */
    private static function followUp(callable $text): array|FieldFault
    {
        $how = self::chosen('follow', 'how', $text('choice'), FollowUp::cases());
        if ($text('rescue') === '' || strlen($text('rescue')) > Stamp::LONGEST_ID) {
            return new FieldFault('rescue', 'missing');
        }

        return $how instanceof FieldFault ? $how : [...$how, 'rescue' => $text('rescue')];
    }

    /**
     * @param string $field it was typed in
     * @param string $as what EventCodec calls it
     * @param list<BackedEnum> $cases
     *
     * @return array<string, string>|FieldFault
     */
    private static function chosen(string $field, string $as, string $text, array $cases): array|FieldFault
    {
        $names = array_map(static fn(BackedEnum $case): string => (string) $case->value, $cases);

        return in_array($text, $names, true) ? [$as => $text] : self::notOneOf($field, $text, $names);
    }

    /** @return array<string, string>|FieldFault */
    private static function said(string $field, string $as, string $text, int $longest): array|FieldFault
    {
        return match (true) {
            $text === '' => new FieldFault($field, 'missing'),
            mb_strlen($text) > $longest => new FieldFault($field, 'long', ['most' => (string) $longest]),
            default => [$as => $text],
        };
    }

    private static function amount(string $field, string $text, float $most, string $unit): float|FieldFault
    {
        $number = TypedNumber::number($text);

        return $number === null || $number <= 0.0 || $number > $most ? self::outside($field, 0.001, $most, $unit) : $number;
    }

    /** @param list<string> $choices */
    private static function notOneOf(string $field, string $text, array $choices): FieldFault
    {
        return new FieldFault($field, 'choice', ['value' => mb_substr($text, 0, 40), 'choices' => implode(', ', $choices)]);
    }

    private static function outside(string $field, float $least, float $most, string $unit): FieldFault
    {
        return new FieldFault($field, 'number', [
            'least' => TypedNumber::plain($least),
            'most' => TypedNumber::plain($most),
            'unit' => $unit,
        ]);
    }

    /** @return int<0, max>|null */
    private static function whole(string $text, int $most): ?int
    {
        $number = preg_match('/\A\d{1,15}\z/', $text) === 1 ? (int) $text : -1;

        return $number < 0 || $number > $most ? null : $number;
    }
}
