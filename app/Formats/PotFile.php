<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\TypedNumber;
use App\Typed\UnitWord;
use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
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
use LogicException;

/** A request of `lento simulate`, docs/formats/simulate-request.schema.json: a pan and what is done to it, minute by minute. */
final readonly class PotFile
{
    /** The verbs of an action; just one stands in each. */
    private const VERBS = ['add', 'pour', 'heat', 'simmer', 'oven', 'off', 'lid', 'stir', 'skim', 'ladle', 'strain'];

    private const MOST_MINUTES = Simulation::LONGEST_HOURS * 60.0;

    /** Of whatever unit; and g, or ml, of one action. */
    private const LEAST_AMOUNT = 0.001;

    private const MOST_GRAMS = 600_000.0;

    private const MOST_ALTITUDE = 5500.0;

    private const USUALLY_EVERY_SECONDS = 30.0;

    /** Of what is added and not said to be hot or cold. */
    private const USUAL_CELSIUS = 20.0;

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
        $text = JsonText::of($json, 'simulate-request');
        $units = new UnitNames($measures);
        $fields = $text->read($text->isText() ? self::rules($text->values, $units) : []);
        $minutes = $fields->number('minutes') ?? self::MOST_MINUTES;
        $actions = [];
        if ($fields->faults === []) {
            foreach (array_keys(is_array($text->values['actions'] ?? null) ? $text->values['actions'] : []) as $i) {
                $actions[] = self::action($fields, "actions.$i.", $units);
            }
        }

        return new self(
            $fields->faults === [] ? self::vessel($fields) : null,
            $actions,
            Duration::ofMinutes($minutes),
            Duration::ofSeconds($fields->number('every_seconds') ?? self::USUALLY_EVERY_SECONDS),
            $fields->messages(),
        );
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<string, list<mixed>>
     */
    private static function rules(array $values, UnitNames $units): array
    {
        $minutes = TypedNumber::read($values['minutes'] ?? null) ?? self::MOST_MINUTES;
        $rules = [
            'pan.diameter_mm' => [Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm')],
            'pan.height_mm' => [Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm')],
            'pan.mass_g' => [Number::between(50.0, 100_000.0, ' g')],
            'altitude_m' => [Number::between(0.0, self::MOST_ALTITUDE, ' m')],
            'minutes' => [Number::between(0.1, self::MOST_MINUTES, ' min')],
            'every_seconds' => [Number::between(1.0, 3600.0, ' s')],
            'actions.*.at' => [Number::between(0.0, max(0.0, min(self::MOST_MINUTES, $minutes)), ' min')],
            'actions.*.add' => [new LarderItem()],
            'actions.*.pour' => [new LarderItem()],
            'actions.*.unit' => [UnitWord::any($units)],
            'actions.*.celsius' => [Number::between(-20.0, 250.0, ' °C')],
            'actions.*.oven' => [Number::between(OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C')],
            'actions.*.stir' => [Number::between(0.0, 1.0)],
            'actions.*.ladle' => [Number::between(1.0, self::MOST_GRAMS, ' ml')],
        ];
        foreach (is_array($values['actions'] ?? null) ? $values['actions'] : [] as $i => $action) {
            // How much may be added is told in the unit it was written in.
            $unit = is_array($action) ? self::unit($action['unit'] ?? 'g', $units) : null;
            $what = is_array($action) ? LarderItem::meant($action['add'] ?? $action['pour'] ?? null) : null;
            if ($unit !== null && $what !== null) {
                $most = self::MOST_GRAMS / self::massOf($what, $unit, 1.0)->inGrams();
                $rules["actions.$i.amount"] = [Number::between(self::LEAST_AMOUNT, $most, ' ' . $unit->value)->needed()];
            }
        }

        return $rules;
    }

    private static function vessel(Fields $fields): HeatedPan
    {
        $mass = $fields->number('pan.mass_g');

        return HeatedPan::of(
            Pan::of(
                Length::ofMillimetres($fields->number('pan.diameter_mm') ?? 0.0),
                Length::ofMillimetres($fields->number('pan.height_mm') ?? 0.0),
            ),
            $mass === null ? null : Mass::ofGrams($mass),
            $fields->enum('pan.base', PanBase::class) ?? PanBase::Medium,
            $fields->enum('pan.metal', Metal::class) ?? Metal::Steel,
            BoilingPoint::at(Length::ofMetres($fields->number('altitude_m') ?? 0.0)),
        );
    }

    /** One of them, of which the schema says that just one verb stands in it, with what belongs to it. */
    private static function action(Fields $fields, string $path, UnitNames $units): Action
    {
        $at = Duration::ofMinutes($fields->number($path . 'at') ?? 0.0);
        $verb = array_values(array_filter(self::VERBS, static fn(string $verb): bool => $fields->has($path . $verb)))[0] ?? '';
        $number = $fields->number($path . $verb) ?? 0.0;
        $word = $fields->text($path . $verb);

        return match ($verb) {
            'heat' => Action::heat($at, Heating::hob(HobHeat::from($word))),
            'simmer' => Action::heat($at, Heating::simmer(SimmerLevel::from($word))),
            'off' => Action::heat($at, Heating::off(OffHeat::from($word))),
            'oven' => Action::heat($at, Heating::oven(Temperature::ofCelsius($number))),
            'lid' => Action::lid($at, Lid::from($word)),
            'stir' => Action::stir($at, $number),
            'ladle' => Action::ladle($at, Volume::ofMillilitres($number)),
            'skim' => Action::skim($at),
            'strain' => Action::strain($at),
            default => self::added($fields, $path, LarderItem::meant($word) ?? throw new LogicException($path), $at, $units),
        };
    }

    private static function added(Fields $fields, string $path, Thickener|Fat|Ingredient $what, Duration $at, UnitNames $units): Action
    {
        $unit = self::unit($fields->has($path . 'unit') ? $fields->text($path . 'unit') : 'g', $units) ?? MassUnit::Gram;

        return Action::add(
            $at,
            $what,
            self::massOf($what, $unit, $fields->number($path . 'amount') ?? 0.0),
            Temperature::ofCelsius($fields->number($path . 'celsius') ?? self::USUAL_CELSIUS),
        );
    }

    private static function unit(mixed $word, UnitNames $units): MassUnit|VolumeUnit|null
    {
        return is_string($word) ? $units->find($word) : null;
    }

    private static function massOf(Thickener|Fat|Ingredient $what, MassUnit|VolumeUnit $unit, float $amount): Mass
    {
        $density = $what instanceof Thickener ? $what->density() : $what->density;

        return $unit instanceof MassUnit ? $unit->of($amount) : $density->massOf($unit->of($amount));
    }
}
