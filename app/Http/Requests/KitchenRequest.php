<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Choices;
use App\Kitchen\HotelPan;
use App\Kitchen\Kitchen;
use App\Kitchen\LarderLine;
use App\Kitchen\OwnRules;
use App\Models\DeviceKind;
use App\Models\Vessel;
use App\People\Here;
use App\Typed\ClockTime;
use App\Typed\Number;
use App\Typed\PanMeasure;
use App\Typed\TypedNumber;
use BackedEnum;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lento\Compose\Base;
use Lento\Keeping\Container;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\KeepingDays;
use Lento\Keeping\Keeps;
use Lento\Larder\Allergen;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Quantity\MeasureSystem;
use Lento\Roux\OvenRoux;

/** One section of the Kitchen page. Numbers may be written as cooks write them: 1,5 or 1 1/2. */
final class KitchenRequest extends FormRequest
{
    private const LONGEST_NAME = 60;

    /** mm: less is no vessel. */
    private const LEAST_SIDE = 20.0;

    private const LONGEST_COOKS = 300;

    private const MOST_ALTITUDE = 5500.0;

    private const MOST_PLACES = 100.0;

    private const MOST_PRICE = 10000.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $name = ['required', 'string', 'max:' . self::LONGEST_NAME];

        return match ($this->section()) {
            'pans' => [
                'name' => $name,
                'base' => ['required', Rule::enum(PanBase::class)],
                'diameter_mm' => [Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm')->needed()],
                'height_mm' => [Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm')->needed()],
                'length_mm' => ['nullable', Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm')],
                'mass_g' => ['nullable', Number::between(1000.0 * Pan::LEAST_KILOGRAMS, 1000.0 * Pan::MOST_KILOGRAMS, ' g')],
            ],
            'vessels' => $this->text('size') !== '' ? [
                'size' => [Rule::in(array_keys(HotelPan::all()))],
                'owned' => ['nullable', Number::whole(1, Vessel::MOST_OWNED)],
            ] : [
                'name' => $name,
                'length_mm' => [Number::between(self::LEAST_SIDE, Container::MOST_MILLIMETRES, ' mm')->needed()],
                'width_mm' => ['nullable', Number::between(self::LEAST_SIDE, Container::MOST_MILLIMETRES, ' mm')],
                'height_mm' => [Number::between(self::LEAST_SIDE, Container::MOST_MILLIMETRES, ' mm')->needed()],
                'owned' => ['nullable', Number::whole(1, Vessel::MOST_OWNED)],
            ],
            'keeping' => [
                'hold' => ['nullable', 'required_with:from,to,hours,reheat,keep', Number::between(50.0, 80.0, ' °C')],
                'from' => ['nullable', 'required_with:hold', Number::between(40.0, 100.0, ' °C')],
                'to' => ['nullable', 'required_with:hold', 'lt:from', Number::between(0.0, 60.0, ' °C')],
                'hours' => ['nullable', 'required_with:hold', Number::between(0.25, 24.0, ' h')],
                'from2' => ['nullable', 'required_with:to2,hours2', Number::between(5.0, 100.0, ' °C')],
                'to2' => ['nullable', 'required_with:from2', 'lt:from2', Number::between(0.0, 60.0, ' °C')],
                'hours2' => ['nullable', 'required_with:from2', Number::between(0.25, 24.0, ' h')],
                'reheat' => ['nullable', 'required_with:hold', Number::between(60.0, 100.0, ' °C')],
                'keep' => ['nullable', 'required_with:hold', Number::between(0.0, 10.0, ' °C')],
                'as_of' => ['nullable', 'string', 'max:' . self::LONGEST_NAME],
                ...array_merge(...array_map(static fn(Keeps $keeps): array => [
                    'days_' . $keeps->value => ['nullable', Number::whole(1, KeepingDays::MOST_CHILLED, ' d')],
                    'frozen_' . $keeps->value => ['nullable', Number::whole(0, KeepingDays::MOST_FROZEN, ' d')],
                ], Keeps::cases())),
                'cold_walk_in' => ['nullable', Rule::in(['yes', 'no'])],
                'cold_blast' => ['nullable', Rule::in(['yes', 'no'])],
            ],
            'hobs' => [
                'name' => $name,
                'kind' => ['required', Rule::enum(HobKind::class)],
                'power_w' => [Number::between(Hob::LEAST_WATTS, Hob::MOST_WATTS, ' W')->needed()],
                'levels' => [Number::between(1.0, 20.0)->needed()],
                'widest_mm' => ['nullable', Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm')],
            ],
            'devices' => [
                'name' => [
                    ...$name,
                    Rule::unique('devices', 'name')->where('galley_id', app(Here::class)->galleyId())->whereNull('binned_at'),
                ],
                'kind' => ['required', Rule::enum(DeviceKind::class)],
                'place' => ['required', Rule::in(array_keys(Station::all(app(Kitchen::class))))],
            ],
            'larder' => [
                'like' => ['required', Rule::in(Kitchen::known())],
                'name' => ['nullable', 'string', 'max:' . self::LONGEST_NAME],
                'price_per_kg' => ['nullable', Number::between(0.0, self::MOST_PRICE)],
                'salt_percent' => ['nullable', Number::between(0.0, 5.0, ' %')],
                'fat_percent' => ['nullable', Number::between(0.0, 100.0, ' %')],
                // Nobody knows what is in a kitchen's own but the kitchen.
                'allergens' => [$this->text('name') === '' ? 'nullable' : 'required', 'array', 'max:15', $this->noneAlone(...)],
                'allergens.*' => [Rule::in([...array_column(Allergen::cases(), 'value'), LarderLine::NONE])],
            ],
            'formulas' => ['base' => ['required', Rule::enum(Base::class)]],
            'hands' => [
                'hands' => ['nullable', 'array', 'max:40'],
                'hands.*.from' => ['nullable', new ClockTime()],
                'hands.*.until' => ['nullable', new ClockTime()],
            ],
            'schools' => array_map(static fn(array $choices): array => ['nullable', Rule::in($choices)], Choices::all()),
            default => [
                'name' => $name,
                'measures' => ['required', Rule::enum(MeasureSystem::class)],
                'degrees' => ['required', Rule::in(['c', 'f'])],
                'preset' => [
                    'required',
                    Rule::in([...array_map(static fn(FoodSafety $preset): string => $preset->name, FoodSafety::presets()), OwnRules::NAME]),
                ],
                'currency' => ['required', 'string', 'max:4'],
                'learn' => ['nullable', Rule::in(['yes', 'no'])],
                'pins' => ['nullable', Rule::in(['yes', 'no'])],
                'cooks' => ['nullable', 'string', 'max:' . self::LONGEST_COOKS],
                'altitude' => ['nullable', Number::between(0.0, self::MOST_ALTITUDE, ' m')],
                'oven_places' => ['nullable', Number::between(0.0, self::MOST_PLACES)],
                'hot_places' => ['nullable', Number::between(0.0, self::MOST_PLACES)],
                'portion' => ['nullable', Number::between(5.0, 1000.0, ' ml')],
                'oven' => ['nullable', Number::between(OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C')],
            ],
        };
    }

    /** @param Closure(string): mixed $fail */
    private function noneAlone(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_array($value) && in_array(LarderLine::NONE, $value, true) && count($value) > 1) {
            $fail(Words::text('kitchen.larder.none_alone'));
        }
    }

    /** @return string|null "milk egg", "none"; null where nobody has said */
    public function allergens(): ?string
    {
        $said = $this->input('allergens');

        return is_array($said) && $said !== [] ? implode(' ', array_filter($said, is_string(...))) : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['allergens.required' => Words::text('kitchen.larder.say_allergens')];
    }

    public function section(): string
    {
        $section = $this->route('section');

        return is_string($section) ? $section : 'settings';
    }

    public function number(string $field): ?float
    {
        return TypedNumber::number($this->text($field));
    }

    public function whole(string $field): ?int
    {
        $number = $this->number($field);

        return $number === null ? null : (int) round($number);
    }

    public function text(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim($value) : '';
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function chosen(string $field, string $enum): BackedEnum
    {
        return $enum::from($this->text($field));
    }

    /** Sides of pans, tubs and rings as cooks give them, in cm or inches. */
    protected function prepareForValidation(): void
    {
        $measure = new PanMeasure($this->section() === 'vessels' ? self::LEAST_SIDE : Pan::LEAST_MILLIMETRES);
        foreach (['diameter_mm', 'height_mm', 'length_mm', 'width_mm', 'widest_mm'] as $side) {
            if ($this->text($side) !== '') {
                $this->merge([$side => $measure->inMillimetres($this->text($side))]);
            }
        }
    }

    protected function getRedirectUrl(): string
    {
        // So that the page opens the very form again.
        $this->session()->flash('section', $this->section());

        return route('kitchen') . '#' . $this->section();
    }
}
