<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use Lento\Exception\LentoException;
use Lento\Keeping\Container;
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

    /** @param list<string> $messages */
    private function __construct(
        public ?Container $container,
        public Place $place,
        public Temperature $surroundings,
        public Temperature $from,
        public EquivalentFlour $thickness,
        public FoodSafety $rules,
        public array $messages,
    ) {}

    public static function read(string $json, MeasureSystem $measures): self
    {
        $object = JsonObject::of($json);
        $root = JsonPart::root($object->values ?? []);
        $container = self::container($root, new UnitNames($measures));
        $place = $root->choice('place', Place::class) ?? Place::Fridge;
        $surroundings = $root->number('place_celsius', -30.0, 40.0, ' °C', $place->usual()->inCelsius()) ?? 0.0;
        $from = $root->number('from_celsius', 20.0, 100.0, ' °C', 90.0) ?? 90.0;

        return new self(
            $container,
            $place,
            Temperature::ofCelsius($surroundings),
            Temperature::ofCelsius($from),
            self::thickness($root),
            self::rules($root),
            $object->values === null ? [$object->message] : $root->messages(),
        );
    }

    private static function container(JsonPart $root, UnitNames $units): ?Container
    {
        $part = $root->object('container');
        if ($part === null) {
            return null;
        }
        $tray = match ($part->text('shape')) {
            null => null,
            'round' => false,
            'tray' => true,
            default => $part->notOneOf('shape', self::SHAPES),
        };
        $mm = static fn(string $key): ?float => $part->number($key, Container::LEAST_MILLIMETRES, Container::MOST_MILLIMETRES, ' mm');
        $length = $tray === null ? null : $mm($tray ? 'length_mm' : 'diameter_mm');
        $width = $tray === true ? $mm('width_mm') : null;
        $area = match (true) {
            $length === null => null,
            $tray === true => $width === null ? null : $length * $width,
            default => M_PI * $length ** 2 / 4.0,
        };
        $depth = $part->has('volume') && !$part->has('depth_mm') ? self::depthOf($part, $area, $units) : $mm('depth_mm');
        $root->join($part);
        if ($length === null || $depth === null) {
            return null;
        }
        if ($tray === false) {
            return Container::round(Length::ofMillimetres($length), Length::ofMillimetres($depth));
        }

        return $width === null
            ? null
            : Container::tray(Length::ofMillimetres($length), Length::ofMillimetres($width), Length::ofMillimetres($depth));
    }

    /** How deep so much stands in it; the fault names the volume that would do. */
    private static function depthOf(JsonPart $part, ?float $area, UnitNames $units): ?float
    {
        $volume = $part->object('volume');
        if ($volume === null) {
            return null;
        }
        $word = $volume->text('unit', 'l');
        $unit = $word === null ? null : $units->find($word);
        if ($word !== null && !$unit instanceof VolumeUnit) {
            $volume->fault('unit', new FieldFault('', 'unit', ['value' => mb_substr($word, 0, 40)]));
        }
        $per = static fn(float $mm): float => $area === null || !($unit instanceof VolumeUnit)
            ? $mm
            : $unit->amountIn(Volume::ofMillilitres(($area * $mm) / 1000.0));
        $amount = $volume->number(
            'amount',
            $per(Container::LEAST_MILLIMETRES),
            $per(Container::MOST_MILLIMETRES),
            ' ' . ($unit instanceof VolumeUnit ? $unit->value : ''),
        );
        $part->join($volume);

        return $amount === null || $area === null || !($unit instanceof VolumeUnit)
            ? null
            : ($unit->of($amount)->inMillilitres() * 1000.0) / $area;
    }

    private static function thickness(JsonPart $root): EquivalentFlour
    {
        if (!$root->has('thickness')) {
            return ThicknessClass::Coating->target();
        }
        $word = $root->wordOrNull('thickness');
        $class = $word === null ? null : ThicknessClass::tryFrom($word);
        if ($class !== null) {
            return $class->target();
        }
        if ($word !== null && preg_match('/\A[\d.,]/', $word) !== 1) {
            $root->notOneOf('thickness', array_column(ThicknessClass::cases(), 'value'));

            return ThicknessClass::Coating->target();
        }

        return EquivalentFlour::ofGramsPerLitre(
            $root->number('thickness', EquivalentFlour::LEAST, EquivalentFlour::MOST, ' g flour per litre') ?? 58.0,
        );
    }

    private static function rules(JsonPart $root): FoodSafety
    {
        $name = $root->text('rules', FoodSafety::usModelCode()->name);
        try {
            return FoodSafety::named($name ?? '');
        } catch (LentoException) {
            $root->notOneOf('rules', array_map(static fn(FoodSafety $rules): string => $rules->name, FoodSafety::presets()));

            return FoodSafety::usModelCode();
        }
    }
}
