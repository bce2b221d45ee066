<?php

declare(strict_types=1);

namespace App\Stove;

use App\Eye\EyeAtTheStove;
use App\Format\Station;
use App\Kitchen\Kitchen;
use App\Records\EventCodec;
use App\Records\PlanCodec;
use App\Records\SauceCodec;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Closure;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\Happened\Added;
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
use Lento\Larder\Fat;
use Lento\Larder\Thickener;
use Lento\Plan\Addition;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\TrailWord;

/** What a tablet says has happened, as a form or as JSON: an event to keep, or what is wrong with it and at which field. */
final readonly class EventReader
{
    private const MOST_SECONDS = 7200;

    private const LONGEST_KIND = 20;

    /** l or g: less than this cannot be measured. */
    private const LEAST = 0.001;

    /** @param Closure(): Kitchen $kitchen read only where it is asked for: of most taps nothing of it is */
    public function __construct(private Closure $kitchen) {}

    /**
     * @param array<string, mixed> $said
     * @param Plan $plan of its pot: an older tablet numbers its steps and pours
     */
    public function read(array $said, Plan $plan): Tap|FieldFault
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $kind = EventKind::tryFrom($text('kind'));
        $token = $text('token');
        $fault = self::one('token', $token, ['required', 'max:' . Stamp::LONGEST_ID]);
        if ($fault !== null) {
            return $fault;
        }
        if (str_starts_with($token, Mark::DEVICE)) {
            return FieldFault::of('token', 'mark_reserved');
        }
        // A tablet's moment may be anything; RecordEvents holds it within reason.
        $at = self::whole($text('at'), PHP_INT_MAX) ?? 0;
        if ($kind === null || $kind === EventKind::Unknown) {
            return $this->unknown($said, $text, $token, $at);
        }
        $step = self::step($plan, $text('step'));
        if ($step === null) {
            return OneOf::of(array_map(static fn(Step $one): string => $one->id, $plan->steps))->fault('step', $text('step'));
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
            return OneOf::of(array_values(array_diff(array_column(EventKind::cases(), 'value'), [EventKind::Unknown->value])))
                ->fault('kind', $name);
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

    /** By its id, or by its number as a tablet from before has it. */
    private static function addition(Step $step, string $said): string
    {
        return ($step->addition($said) ?? $step->additions[self::whole($said, 10_000) ?? -1] ?? null)->id ?? $said;
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault as EventCodec has them
     */
    private function what(EventKind $kind, callable $text, Plan $plan, Step $step): array|FieldFault
    {
        return match ($kind) {
            EventKind::Poured, EventKind::Unpoured => self::chosen('pour', 'addition', self::addition($step, $text('pour')), OneOf::of(
                array_map(static fn(Addition $one): string => $one->id, $step->additions),
            )),
            EventKind::Done => ($to = self::step($plan, $text('to'))) === null ? [] : ['to' => $to->id],
            EventKind::MoreTime => self::amount('seconds', 's', $text('seconds'), Number::whole(1, self::MOST_SECONDS, ' s')),
            EventKind::Tended => self::chosen('tending', 'visit', $text('choice'), OneOf::cases(TendingKind::cases())),
            EventKind::Heat => self::chosen('heat', 'heat', $text('choice'), OneOf::cases([...HobHeat::cases(), ...SimmerLevel::cases()])),
            EventKind::Tasted => self::chosen('taste', 'taste', $text('choice'), OneOf::cases(Taste::cases())),
            EventKind::Kept => self::chosen('kept', 'kept', $text('choice'), OneOf::cases(KeptAs::cases())),
            EventKind::Moved => self::chosen('where', 'place', $text('choice'), OneOf::of(array_keys(Station::all(($this->kitchen)())))),
            // A remedy is worked out where it is asked for; only how it went is told by a tablet.
            EventKind::Rescued => OneOf::of(['POST /rescue'])->fault('kind', $kind->value),
            EventKind::FollowedUp => self::all(
                self::said('rescue', 'rescue', $text('rescue'), Stamp::LONGEST_ID),
                self::chosen('follow', 'how', $text('choice'), OneOf::cases(FollowUp::cases())),
            ),
            EventKind::TakenOver => self::said('cook', 'cook', $text('text'), TakenOver::LONGEST),
            EventKind::Note => self::said('text', 'text', $text('text'), Noted::LONGEST),
            EventKind::LadledOff => self::all(
                self::litres($text),
                self::said('text', 'for', $text('text'), LadledOff::LONGEST_NAME),
            ),
            EventKind::Undone => self::said('undoes', 'undoes', $text('undoes'), Stamp::LONGEST_ID),
            EventKind::Read => $this->reading($text),
            EventKind::ToppedUp => self::litres($text),
            EventKind::StoppedPouring => self::litres($text),
            EventKind::Added => $this->added($text),
            EventKind::ChangedPan => $this->changedPan($text),
            EventKind::Thickened => self::all(
                self::chosen('means', 'means', $text('choice'), OneOf::cases(Means::cases())),
                self::amount('grams', 'kg', $text('grams'), Number::between(self::LEAST, 1000.0 * Thickened::MOST_KILOGRAMS, ' g'), 0.001),
            ),
            // What came out is read by OutcomeReader.
            EventKind::Back, EventKind::Finished, EventKind::TakenOff, EventKind::Unknown => [],
        };
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault
     */
    private function changedPan(callable $text): array|FieldFault
    {
        $pans = ($this->kitchen)()->pans;
        $id = $text('pan');

        return isset($pans[(int) $id])
            ? ['pan' => PlanCodec::pan($pans[(int) $id]->measured())]
            : OneOf::of(array_map('strval', array_keys($pans)))->fault('pan', $id);
    }

    /**
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault
     */
    private function added(callable $text): array|FieldFault
    {
        $larder = ($this->kitchen)()->larder();
        $id = $text('of');
        $kind = $larder->has($id) ? $larder->any($id) : null;
        if ($kind === null) {
            return FieldFault::of('of', 'unknown_ingredient', ['value' => mb_substr($id, 0, 40)]);
        }
        $inMillilitres = $text('unit') === 'ml';
        $amount = self::amount('amount', 'kg', $text('amount'), Number::between(self::LEAST, 1000.0 * Added::MOST_KILOGRAMS, ''), 0.001);
        if ($amount instanceof FieldFault || !is_float($amount['kg'] ?? null)) {
            return $amount;
        }
        $density = $kind instanceof Thickener ? $kind->density() : $kind->density;
        $mass = $inMillilitres ? $density->massOf(Volume::ofMillilitres(1000.0 * $amount['kg'])) : Mass::ofKilograms($amount['kg']);
        $joins = match (true) {
            $kind instanceof Thickener => Sauce::nothing()->withThickener($kind, $mass),
            $kind instanceof Fat => Sauce::nothing()->withFat($kind, $mass),
            default => Sauce::nothing()->with($kind, $mass),
        };

        return ['of' => $id, 'kg' => $mass->kilograms, 'joins' => SauceCodec::sauce($joins)];
    }

    /**
     * A number in the field that is named like the instrument, or in the one for any; or a word or a colour that was tapped.
     *
     * @param callable(string): string $text
     *
     * @return array<string, mixed>|FieldFault
     */
    private function reading(callable $text): array|FieldFault
    {
        $which = self::chosen('reading', 'reading', $text('choice'), OneOf::cases(ReadingKind::cases()));
        if ($which instanceof FieldFault) {
            return $which;
        }
        $kind = ReadingKind::from($which['reading'] ?? '');
        $typed = $text($kind->value) === '' ? $text('value') : $text($kind->value);

        $read = self::all($which, match ($kind) {
            ReadingKind::Spoon => self::nth($kind->value, $typed, SpoonWord::numbered()),
            ReadingKind::Line => self::nth($kind->value, $typed, ['runs', 'holds']),
            ReadingKind::Ribbon => self::nth($kind->value, $typed, ['sinks', 'holds']),
            ReadingKind::Trail => self::nth($kind->value, $typed, array_column(TrailWord::cases(), 'value')),
            default => $this->measured($kind, $typed),
        });
        $eye = $read instanceof FieldFault ? null : EyeAtTheStove::error($kind);

        return $read instanceof FieldFault || $eye === null ? $read : [...$read, 'error' => $eye];
    }

    /** @return array<string, mixed>|FieldFault */
    private function measured(ReadingKind $kind, string $typed): array|FieldFault
    {
        [$least, $most, $unit] = $this->limits($kind);
        // Nobody reads thousandths of a millimetre: that comma stands between thousands.
        $typed = $unit === ' mm' ? (string) preg_replace('/\A(\d{1,3}),(\d{3})\z/', '$1$2', $typed) : $typed;
        $number = self::amount($kind->value, 'si', $typed, Number::between($least, $most, $unit));

        return $number instanceof FieldFault
            ? $number
            : ['si' => min($kind->range()[1], max($kind->range()[0], $this->inSi($kind, $number['si'])))];
    }

    /** @return array{float, float, string} in the cook's unit */
    public function limits(ReadingKind $kind): array
    {
        [$least, $most] = $kind->range();

        return match ($kind) {
            ReadingKind::Temperature => ($this->kitchen)()->fahrenheit() ? [32.0, 572.0, ' °F'] : [0.0, 300.0, ' °C'],
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
                ($this->kitchen)()->fahrenheit()
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
     * @return array<string, float>|FieldFault
     */
    private static function litres(callable $text): array|FieldFault
    {
        return self::amount('litres', 'm3', $text('litres'), Number::between(self::LEAST, ToppedUp::MOST_LITRES, ' l'), 0.001);
    }

    /**
     * @param array<string, mixed>|FieldFault ...$parts
     *
     * @return array<string, mixed>|FieldFault the first fault, or all of them together
     */
    private static function all(array|FieldFault ...$parts): array|FieldFault
    {
        $all = [];
        foreach ($parts as $part) {
            if ($part instanceof FieldFault) {
                return $part;
            }
            $all = [...$all, ...$part];
        }

        return $all;
    }

    /**
     * @param string $field it was typed in
     * @param string $as what EventCodec calls it
     *
     * @return array<string, string>|FieldFault
     */
    private static function chosen(string $field, string $as, string $typed, OneOf $choices): array|FieldFault
    {
        return self::one($field, $typed, [$choices->needed()]) ?? [$as => $choices->meant($typed) ?? $typed];
    }

    /**
     * @param list<string> $choices in the order of their numbers
     *
     * @return array<string, float>|FieldFault
     */
    private static function nth(string $field, string $typed, array $choices): array|FieldFault
    {
        $word = self::chosen($field, 'word', $typed, OneOf::of($choices));

        return $word instanceof FieldFault ? $word : ['si' => (float) array_search($word['word'] ?? '', $choices, true)];
    }

    /** @return array<string, string>|FieldFault */
    private static function said(string $field, string $as, string $typed, int $longest): array|FieldFault
    {
        return self::one($field, $typed, ['required', 'string', "max:$longest"]) ?? [$as => $typed];
    }

    /**
     * @param float $inSi what one of its unit is
     *
     * @return array<string, float>|FieldFault
     */
    private static function amount(string $field, string $as, string $typed, Number $range, float $inSi = 1.0): array|FieldFault
    {
        return self::one($field, $typed, [$range->needed()]) ?? [$as => $inSi * (TypedNumber::number($typed) ?? 0.0)];
    }

    /** @param list<mixed> $rules */
    private static function one(string $field, string $typed, array $rules): ?FieldFault
    {
        return Fields::read([$field => $typed], [$field => $rules])->faults[$field] ?? null;
    }

    /** @return int<0, max>|null */
    private static function whole(string $text, int $most): ?int
    {
        $number = preg_match('/\A\d{1,15}\z/', $text) === 1 ? (int) $text : -1;

        return $number < 0 || $number > $most ? null : $number;
    }
}
