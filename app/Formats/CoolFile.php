<?php

declare(strict_types=1);

namespace App\Formats;

use App\Questions\ThicknessWord;
use App\Typed\ClockTime;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\UnitWord;
use DateTimeImmutable;
use Lento\Keeping\Container;
use Lento\Keeping\CoolingReading;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\Place;
use Lento\Quantity\Length;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** A request of `lento cool`, docs/formats/cool-request.schema.json: what a sauce stands in, and where. */
final readonly class CoolFile
{
    private const SHAPES = ['round', 'tray'];

    private const USUALLY_FROM = 90.0;

    /**
     * @param list<string> $messages
     * @param list<CoolingReading> $readings in the order in which they were made
     * @param DateTimeImmutable|null $now null where nothing was read, and no hour said
     */
    private function __construct(
        public ?Container $container,
        public Place $place,
        public Temperature $surroundings,
        public Temperature $from,
        public EquivalentFlour $thickness,
        public FoodSafety $rules,
        public array $messages,
        public array $readings,
        public ?DateTimeImmutable $now,
    ) {}

    public static function read(string $json, MeasureSystem $measures): self
    {
        $text = JsonText::of($json, 'cool-request');
        $units = new UnitNames($measures);
        $fields = $text->read($text->isText() ? self::rules($units) : []);
        $depth = self::depth($fields, $units);
        $fields = $fields->and($depth instanceof FieldFault && $fields->has('container') ? [$depth->field => $depth] : []);
        $place = $fields->enum('place', Place::class) ?? Place::Fridge;
        $presets = self::presets();
        $given = $text->values['readings'] ?? null;
        $read = $fields->faults === [] && is_array($given) ? self::readings($fields, count($given)) : [];
        $last = $read === [] ? null : $read[count($read) - 1]->at;

        return new self(
            $depth instanceof Length && $fields->faults === [] ? self::container($fields, $depth) : null,
            $place,
            Temperature::ofCelsius($fields->number('place_celsius') ?? $place->usual()->inCelsius()),
            Temperature::ofCelsius($fields->number('from_celsius') ?? self::USUALLY_FROM),
            ThicknessWord::any()->meant($fields->isFaulty('thickness') ? '' : $fields->text('thickness'))
                ?? ThicknessClass::Coating->target(),
            $presets[$fields->word('rules') ?? ''] ?? FoodSafety::usModelCode(),
            $fields->messages(),
            $read,
            $fields->has('now') && $fields->faults === [] ? self::after($last, $fields->text('now')) : $last,
        );
    }

    /** @return list<CoolingReading> each by the clock, on the day that it must be for each to be after the one before */
    private static function readings(Fields $fields, int $count): array
    {
        $readings = [];
        $last = null;
        for ($k = 0; $k < $count; $k++) {
            $last = self::after($last, $fields->text("readings.{$k}.at"));
            $readings[] = new CoolingReading($last, Temperature::ofCelsius($fields->number("readings.{$k}.celsius") ?? 0.0));
        }

        return $readings;
    }

    /** The next time that the clock shows this; of the first it does not matter on which day. */
    private static function after(?DateTimeImmutable $last, string $clock): DateTimeImmutable
    {
        [$hours, $minutes] = sscanf(sprintf('%04d', (int) preg_replace('/\D/', '', $clock)), '%2d%2d') ?? [0, 0];
        $day = ($last ?? new DateTimeImmutable('2000-01-01 UTC'))->setTime((int) $hours, (int) $minutes);

        return $last !== null && $day < $last ? $day->modify('+1 day') : $day;
    }

    /** @return array<string, list<mixed>> */
    private static function rules(UnitNames $units): array
    {
        $side = [Number::between(Container::LEAST_MILLIMETRES, Container::MOST_MILLIMETRES, ' mm')];
        $of = static fn(string $shape): array => ['required_if:container.shape,' . $shape, ...$side];

        return [
            'container.shape' => [OneOf::of(self::SHAPES)],
            'container.diameter_mm' => $of('round'),
            'container.length_mm' => $of('tray'),
            'container.width_mm' => $of('tray'),
            'container.depth_mm' => $side,
            'container.volume.unit' => [UnitWord::ofVolume($units)],
            'place' => [OneOf::cases(Place::cases())],
            'place_celsius' => [Number::between(-30.0, 40.0, ' °C')],
            'from_celsius' => [Number::between(20.0, 100.0, ' °C')],
            'thickness' => [ThicknessWord::any()],
            'rules' => [OneOf::of(array_keys(self::presets()))],
            'readings.*.at' => [new ClockTime()],
            'readings.*.celsius' => [Number::between(-30.0, 110.0, ' °C')->needed()],
            'now' => [new ClockTime()],
        ];
    }

    /** Of the sauce, said or reckoned from how much it is; the fault names the volume that would do. */
    private static function depth(Fields $fields, UnitNames $units): Length|FieldFault|null
    {
        $depth = $fields->number('container.depth_mm');
        if ($depth !== null) {
            return Length::ofMillimetres($depth);
        }
        if (!$fields->has('container.volume')) {
            return FieldFault::of('container.depth_mm', 'missing');
        }
        $area = self::squareMillimetres($fields);
        $unit = $fields->text('container.volume.unit') === '' ? VolumeUnit::Litre : $units->find($fields->text('container.volume.unit'));
        if ($area === null || !$unit instanceof VolumeUnit) {
            return null;
        }
        $litres = static fn(float $mm): float => $area * $mm / 1e6;
        $range = Number::volume($unit, $litres(Container::LEAST_MILLIMETRES), $litres(Container::MOST_MILLIMETRES))->needed();
        $read = Fields::read(['amount' => $fields->number('container.volume.amount')], ['amount' => [$range]]);
        $amount = $read->number('amount');

        return $amount === null
            ? $range->outside('container.volume.amount')
            : Length::ofMillimetres($unit->of($amount)->inLitres() * 1e6 / $area);
    }

    private static function squareMillimetres(Fields $fields): ?float
    {
        [$diameter, $length, $width] = array_map(
            static fn(string $side): ?float => $fields->number('container.' . $side),
            ['diameter_mm', 'length_mm', 'width_mm'],
        );
        if ($fields->word('container.shape') === 'tray') {
            return $length === null || $width === null ? null : $length * $width;
        }

        return $diameter === null ? null : M_PI * $diameter ** 2 / 4.0;
    }

    private static function container(Fields $fields, Length $depth): Container
    {
        $side = static fn(string $name): Length => Length::ofMillimetres($fields->number('container.' . $name) ?? 0.0);

        return $fields->word('container.shape') === 'tray'
            ? Container::tray($side('length_mm'), $side('width_mm'), $depth)
            : Container::round($side('diameter_mm'), $depth);
    }

    /** @return array<string, FoodSafety> by name */
    private static function presets(): array
    {
        return array_column(array_map(static fn(FoodSafety $one): array => [$one->name, $one], FoodSafety::presets()), 1, 0);
    }
}
