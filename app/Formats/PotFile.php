<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use Lento\Assay\KitchenWords;
use Lento\Exception\LentoException;
use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Pot\BoilingPoint;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;
use Lento\Roux\OffHeat;
use Lento\Roux\OvenRoux;
use Lento\Simulation\Action;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;

/** A request of `lento simulate`, docs/formats/simulate-request.schema.json: a pan and what is done to it, minute by minute. */
final readonly class PotFile
{
    /** The verbs of an action; just one stands in each. */
    private const VERBS = ['add', 'pour', 'heat', 'simmer', 'oven', 'off', 'lid', 'stir', 'skim', 'ladle', 'strain'];

    private const MOST_MINUTES = Simulation::LONGEST_HOURS * 60.0;

    /** Of whatever unit; and g, or ml, of one action. */
    private const LEAST_AMOUNT = 0.001;

    private const MOST_GRAMS = 600_000.0;

    /**
     * @param list<Action> $actions
     * @param list<string> $messages
     */
    private function __construct(
        public ?HeatedPan $vessel,
        public array $actions,
        public Duration $until,
        public Duration $points,
        public array $messages,
    ) {}

    public static function read(string $json, MeasureSystem $measures): self
    {
        $object = JsonObject::of($json);
        if ($object->values === null) {
            return new self(null, [], Duration::ofSeconds(0.0), Duration::ofSeconds(1.0), [$object->message]);
        }
        $root = JsonPart::root($object->values);
        $vessel = self::vessel($root);
        $minutes = $root->number('minutes', 0.1, self::MOST_MINUTES, ' min') ?? self::MOST_MINUTES;
        $points = $root->number('every_seconds', 1.0, 3600.0, ' s', 30.0) ?? 30.0;
        $actions = [];
        foreach ($root->objects('actions') as $part) {
            $action = self::action($part, $minutes, new UnitNames($measures));
            $root->join($part);
            $actions = $action === null ? $actions : [...$actions, $action];
        }
        if (count($actions) > Simulation::MOST_ACTIONS) {
            $root->fault('actions', new FieldFault('', 'too_many', ['most' => (string) Simulation::MOST_ACTIONS]));
        }

        return new self($vessel, $actions, Duration::ofMinutes($minutes), Duration::ofSeconds($points), $root->messages());
    }

    private static function vessel(JsonPart $root): ?HeatedPan
    {
        $altitude = $root->number('altitude_m', 0.0, 5500.0, ' m', 0.0);
        $part = $root->object('pan');
        if ($part === null) {
            return null;
        }
        $diameter = $part->number('diameter_mm', Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm');
        $height = $part->number('height_mm', Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm');
        $mass = $part->has('mass_g') ? $part->number('mass_g', 50.0, 100_000.0, ' g') : null;
        $base = $part->choice('base', PanBase::class, PanBase::Medium);
        $metal = $part->choice('metal', Metal::class, Metal::Steel);
        $root->join($part);
        if ($diameter === null || $height === null || $base === null || $metal === null || $altitude === null) {
            return null;
        }

        return HeatedPan::of(
            Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height)),
            $mass === null ? null : Mass::ofGrams($mass),
            $base,
            $metal,
            BoilingPoint::at(Length::ofMetres($altitude)),
        );
    }

    private static function action(JsonPart $part, float $minutes, UnitNames $units): ?Action
    {
        $at = $part->number('at', 0.0, $minutes, ' min');
        $verbs = array_values(array_filter(self::VERBS, static fn(string $verb): bool => $part->has($verb)));
        if (count($verbs) !== 1) {
            return $part->fault('', new FieldFault('', 'one_verb', ['verbs' => implode(', ', self::VERBS)]));
        }
        if ($at === null) {
            return null;
        }
        $time = Duration::ofMinutes($at);

        return match ($verbs[0]) {
            'add', 'pour' => self::added($part, $verbs[0], $time, $units),
            'heat' => self::turned($time, ($level = $part->choice('heat', HobHeat::class)) === null ? null : Heating::hob($level)),
            'simmer' => self::turned(
                $time,
                ($level = $part->choice('simmer', SimmerLevel::class)) === null ? null : Heating::simmer($level),
            ),
            'off' => self::turned($time, ($where = $part->choice('off', OffHeat::class)) === null ? null : Heating::off($where)),
            'oven' => self::turned(
                $time,
                ($celsius = $part->number('oven', OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C')) === null
                    ? null
                    : Heating::oven(Temperature::ofCelsius($celsius)),
            ),
            'lid' => ($lid = $part->choice('lid', Lid::class)) === null ? null : Action::lid($time, $lid),
            'stir' => ($stirring = $part->number('stir', 0.0, 1.0, '')) === null ? null : Action::stir($time, $stirring),
            'ladle' => ($grams = $part->number('ladle', 1.0, self::MOST_GRAMS, ' ml')) === null
                ? null
                : Action::ladle($time, Volume::ofMillilitres($grams)),
            'skim' => $part->flag('skim') ? Action::skim($time) : null,
            'strain' => $part->flag('strain') ? Action::strain($time) : null,
        };
    }

    private static function turned(Duration $at, ?Heating $heating): ?Action
    {
        return $heating === null ? null : Action::heat($at, $heating);
    }

    private static function added(JsonPart $part, string $verb, Duration $at, UnitNames $units): ?Action
    {
        $name = $part->text($verb);
        $what = $name === null ? null : self::kind($name);
        $celsius = $part->number('celsius', -20.0, 250.0, ' °C', 20.0);
        $word = $part->text('unit', 'g');
        $unit = $word === null ? null : $units->find($word);
        if ($name !== null && $what === null) {
            $part->fault($verb, new FieldFault('', 'unknown_ingredient', ['value' => mb_substr($name, 0, 40)]));
        }
        if ($word !== null && $unit === null) {
            $part->fault('unit', new FieldFault('', 'any_unit', ['value' => mb_substr($word, 0, 40)]));
        }
        $gram = $what === null || $unit === null ? 1.0 : self::massOf($what, $unit, 1.0)->inGrams();
        $amount = $part->number('amount', self::LEAST_AMOUNT, self::MOST_GRAMS / $gram, ' ' . ($unit->value ?? ''));

        return $what === null || $unit === null || $amount === null || $celsius === null
            ? null
            : Action::add($at, $what, self::massOf($what, $unit, $amount), Temperature::ofCelsius($celsius));
    }

    private static function kind(string $name): Thickener|Fat|Ingredient|null
    {
        try {
            return Larder::house()->any(KitchenWords::read($name)['id'] ?? $name);
        } catch (LentoException) {
            return null;
        }
    }

    private static function massOf(Thickener|Fat|Ingredient $what, MassUnit|VolumeUnit $unit, float $amount): Mass
    {
        $density = $what instanceof Thickener ? $what->density() : $what->density;

        return $unit instanceof MassUnit ? $unit->of($amount) : $density->massOf($unit->of($amount));
    }
}
