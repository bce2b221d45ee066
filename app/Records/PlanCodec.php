<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Forecast\Band;
use Lento\Heat\HobHeat;
use Lento\Keeping\SkinGuard;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Plan\Cooking;
use Lento\Plan\FromSteps;
use Lento\Plan\Ladle;
use Lento\Plan\Making;
use Lento\Plan\Place;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\RouxPlan;
use Lento\Plan\Sauces;
use Lento\Plan\Shown;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Ways;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\LateThickening;
use Lento\Risk\Risk;
use Lento\Roux\Colour;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** A plan as it is kept in the database and in log files, docs/formats/plan.schema.json: in SI, written once when the pot is put on. */
final readonly class PlanCodec
{
    public const VERSION = 1;

    /** @return array<string, mixed> */
    public static function encode(Plan $plan): array
    {
        return self::some([
            'v' => self::VERSION,
            'making'
                => $plan->making === null
                    ? null
                    : self::some(
                        [
                            'sauce' => $plan->making->sauce,
                            'root' => $plan->making->root,
                            'liquid' => $plan->making->liquid,
                            'parent' => $plan->making->parent,
                            'fat' => $plan->making->fat,
                        ],
                        '',
                    ),
            'promise' => $plan->promise === null ? null : self::promise($plan->promise),
            'steps' => array_map(StepCodec::step(...), $plan->steps),
            'cooking' => $plan->cooking === null ? null : self::cooking($plan->cooking),
            'ladles'
                => $plan->ladles === []
                    ? null
                    : array_map(
                        static fn(Ladle $one): array => [
                            'branch' => $one->branch,
                            'sauce' => $one->sauce,
                            'liquid' => $one->liquid,
                            'm3' => $one->volume->cubicMetres,
                        ],
                        $plan->ladles,
                    ),
        ]);
    }

    /** @throws Unreadable naming the place */
    public static function decode(mixed $json, string $path = 'plan'): Plan
    {
        $node = Node::root($json, $path);
        if ($node->get('v')->whole() !== self::VERSION) {
            throw Unreadable::at($path . '.v', 'version');
        }
        $making = $node->maybe('making');
        $promise = $node->maybe('promise');
        $cooking = $node->maybe('cooking');
        $steps = array_map(StepCodec::toStep(...), $node->get('steps')->all());
        if ($steps === []) {
            throw Unreadable::at($path . '.steps', 'list');
        }

        return $node
            ->into(
                static fn(Node $node): Plan => Plan::of(
                    $steps,
                    $making === null
                        ? null
                        : Making::of(
                            $making->get('sauce')->text(),
                            $making->get('root')->text(),
                            $making->maybe('liquid')?->text() ?? '',
                            $making->maybe('parent')?->text() ?? '',
                            $making->maybe('fat')?->text() ?? '',
                        ),
                    $promise === null ? null : self::toPromise($promise),
                    $cooking === null ? null : self::toCooking($cooking),
                ),
            )
            ->withLadles(array_map(self::toLadle(...), $node->maybe('ladles')?->all() ?? []));
    }

    /**
     * The steps alone, as far as they say where a pot stands.
     *
     * @return non-empty-list<Step>
     *
     * @throws Unreadable naming the place
     */
    public static function outline(mixed $steps): array
    {
        $outline = array_map(StepCodec::toOutline(...), Node::root($steps, 'plan.steps')->all());

        return $outline === [] ? throw Unreadable::at('plan.steps', 'list') : $outline;
    }

    /**
     * What a list says of it: how long it takes, and how deep it stands when it has simmered; without the rest being read.
     *
     * @return array{Duration, Length|null}
     *
     * @throws Unreadable naming the place
     */
    public static function inShort(mixed $json): array
    {
        [$seconds, $depth] = [0.0, null];
        // Without a node for each: forty plans are looked at for one page.
        $steps = is_array($json) ? $json['steps'] ?? null : null;
        foreach (is_array($steps) ? $steps : throw Unreadable::at('plan.steps', 'list') as $step) {
            $step = is_array($step) ? $step : [];
            $ends = is_array($step['ends'] ?? null) ? $step['ends'] : [];
            $seconds += is_numeric($step['s'] ?? null) ? (float) $step['s'] : 0.0;
            $simmers = in_array($step['kind'] ?? null, [StepKind::Simmer->value, StepKind::Reduce->value], true);
            $depth ??= $simmers && is_numeric($ends['depth_m'] ?? null) ? (float) $ends['depth_m'] : null;
        }

        return [Duration::ofSeconds($seconds), $depth === null ? null : Length::ofMetres($depth)];
    }

    /** What it should come to; null for a pot that is only logged. */
    public static function promiseOf(mixed $json): ?Promise
    {
        $promise = Node::root($json, 'plan')->maybe('promise');

        return $promise === null ? null : self::toPromise($promise);
    }

    /** @return array<string, array{float, float, int}> */
    public static function factors(KitchenFactors $factors): array
    {
        $row = static fn(Factor $factor): array => [$factor->value, $factor->deviation, $factor->observations];

        return [
            'evaporation' => $row($factors->evaporation),
            'browning' => $row($factors->browning),
            'flour' => $row($factors->flourStrength),
        ];
    }

    public static function toFactors(Node $node): KitchenFactors
    {
        $factor = static function (Node $node): Factor {
            [$value, $deviation, $observations] = [...$node->all(), null, null, null];

            return Factor::of($value?->float() ?? 1.0, $deviation?->float() ?? 1.0, $observations?->whole() ?? 0);
        };

        return KitchenFactors::of($factor($node->get('evaporation')), $factor($node->get('browning')), $factor($node->get('flour')));
    }

    /** @return array<string, mixed> */
    private static function promise(Promise $promise): array
    {
        return self::some([
            'm3' => $promise->volume->cubicMetres,
            'spoon' => $promise->spoon?->value,
            'class' => $promise->thicknessClass()?->value,
            'g_per_l' => $promise->thickness?->gramsPerLitre,
            'band_g_per_l' => $promise->band === null ? null : [$promise->band->low, $promise->band->likely, $promise->band->high],
            'could_be' => $promise->couldBe === [] ? null : array_column($promise->couldBe, 'value'),
            'film_m' => $promise->film?->metres,
            'salt_percent' => $promise->saltPercent,
        ]);
    }

    private static function toPromise(Node $node): Promise
    {
        return $node->into(static function (Node $node): Promise {
            $volume = Volume::ofCubicMetres($node->get('m3')->float());
            $spoon = $node->maybe('spoon')?->one(SpoonWord::class);
            $grams = $node->maybe('g_per_l')?->float();
            $band = $node->maybe('band_g_per_l')?->floats();
            if ($spoon === null || $grams === null) {
                return Promise::noted($volume, $spoon);
            }

            return Promise::of(
                $volume,
                new Shown($spoon, Length::ofMetres($node->maybe('film_m')?->float() ?? 0.0)),
                EquivalentFlour::ofGramsPerLitre($grams),
                Band::between($band[0] ?? $grams, $band[1] ?? $grams, $band[2] ?? $grams),
                array_map(
                    static fn(Node $class): ThicknessClass => $class->one(ThicknessClass::class),
                    $node->maybe('could_be')?->all() ?? [],
                ),
                $node->maybe('salt_percent')?->float() ?? 0.0,
            );
        });
    }

    /** @return array<string, mixed> */
    private static function cooking(Cooking $cooking): array
    {
        [$place, $sauces, $ways] = [$cooking->place, $cooking->sauces, $cooking->ways];

        return self::some([
            'pan' => self::pan($place->pan),
            'factors' => self::factors($place->kitchen),
            'boils_k' => $place->boilsAt?->kelvin,
            'stands_from' => $sauces->standsFrom,
            'boils_from' => $sauces->boilsFrom,
            'start' => SauceCodec::sauce($sauces->start),
            'tested' => SauceCodec::sauce($sauces->tested),
            'served' => SauceCodec::sauce($sauces->served),
            'pieces_m3' => $sauces->pieces->cubicMetres,
            'spread' => $sauces->spread,
            'level' => $ways->level->value,
            'simmer_s' => $ways->time->seconds,
            'stirred' => $ways->stirred,
            'late' => $ways->late->value,
            'skin' => $ways->skin->value,
            'lumps' => $ways->lumps->value,
            'lid' => $place->lid === Lid::Open ? null : $place->lid->value,
            'liquid' => SauceCodec::ingredient($cooking->liquid),
            'per_gram' => SauceCodec::sauce($cooking->perGram),
            'roux' => $cooking->roux === null ? null : self::roux($cooking->roux),
        ]);
    }

    private static function toCooking(Node $node): Cooking
    {
        $boils = $node->maybe('boils_k');
        $roux = $node->maybe('roux');

        return $node->into(
            static fn(Node $node): Cooking => Cooking::of(
                new Place(
                    self::toPan($node->get('pan')),
                    self::toFactors($node->get('factors')),
                    $boils === null ? null : Temperature::ofKelvin($boils->float()),
                    $node->maybe('lid')?->one(Lid::class) ?? Lid::Open,
                ),
                Sauces::of(
                    new FromSteps($node->get('stands_from')->text(), $node->get('boils_from')->text()),
                    SauceCodec::toSauce($node->get('start')),
                    SauceCodec::toSauce($node->get('tested')),
                    SauceCodec::toSauce($node->get('served')),
                    Volume::ofCubicMetres($node->get('pieces_m3')->float()),
                    $node->get('spread')->float(),
                ),
                new Ways(
                    $node->get('level')->one(SimmerLevel::class),
                    Duration::ofSeconds($node->get('simmer_s')->float()),
                    $node->get('stirred')->float(),
                    $node->get('late')->one(LateThickening::class),
                    $node->get('skin')->one(SkinGuard::class),
                    $node->get('lumps')->one(Risk::class),
                ),
                SauceCodec::toIngredient($node->get('liquid')),
                SauceCodec::toSauce($node->get('per_gram')),
                $roux === null ? null : self::toRoux($roux),
            ),
        );
    }

    /** @return array<string, mixed> */
    public static function pan(Pan $pan): array
    {
        return [
            'diameter_m' => $pan->diameter->metres,
            'height_m' => $pan->height->metres,
            'kg' => $pan->mass()->kilograms,
            'base' => $pan->base->value,
        ];
    }

    public static function toPan(Node $node): Pan
    {
        return Pan::of(
            Length::ofMetres($node->get('diameter_m')->float()),
            Length::ofMetres($node->get('height_m')->float()),
            Mass::ofKilograms($node->get('kg')->float()),
            $node->get('base')->one(PanBase::class),
        );
    }

    /** @return array<string, mixed> */
    private static function roux(RouxPlan $roux): array
    {
        return self::some([
            'flour' => SauceCodec::thickener($roux->roux->flourKind),
            'flour_kg' => $roux->roux->flour->kilograms,
            'fat' => SauceCodec::fat($roux->roux->fatKind),
            'fat_kg' => $roux->roux->fat->kilograms,
            'colour' => $roux->colour->value,
            'heat' => $roux->heat->value,
            'watched' => $roux->watched,
            'browned' => $roux->browned,
            'ends' => $roux->ends->value,
            'lifted' => $roux->lifted === null ? null : self::lifted($roux->lifted),
            'meets_k' => $roux->meets->kelvin,
            'specks' => $roux->specks->value,
            'beside_kg' => $roux->beside->kilograms > 0.0 ? $roux->beside->kilograms : null,
        ]);
    }

    private static function toRoux(Node $node): RouxPlan
    {
        $lifted = $node->maybe('lifted');
        $plan = RouxPlan::of(
            Roux::of(
                SauceCodec::toThickener($node->get('flour')),
                Mass::ofKilograms($node->get('flour_kg')->float()),
                SauceCodec::toFat($node->get('fat')),
                Mass::ofKilograms($node->get('fat_kg')->float()),
            ),
            $node->get('colour')->one(Colour::class),
            $node->get('heat')->one(HobHeat::class),
            Shade::of($node->get('ends')->float()),
            Temperature::ofKelvin($node->get('meets_k')->float()),
            $lifted === null ? null : self::toLifted($lifted),
        );

        $beside = $node->maybe('beside_kg');

        return $node->get('watched')->yes()
            ? $plan->watched(
                $node->get('browned')->yes(),
                $node->get('specks')->one(Risk::class),
                $beside === null ? null : Mass::ofKilograms($beside->float()),
            )
            : $plan;
    }

    /** @return array<string, float> */
    private static function lifted(RouxState $state): array
    {
        return [
            'melting_s' => $state->melting->seconds,
            's' => $state->time->seconds,
            'k' => $state->temperature->kelvin,
            'dose' => $state->dose,
            'raw_taste' => $state->rawTaste,
            'water_kg' => $state->water->kilograms,
        ];
    }

    private static function toLifted(Node $node): RouxState
    {
        return new RouxState(
            Duration::ofSeconds($node->get('melting_s')->float()),
            Duration::ofSeconds($node->get('s')->float()),
            Temperature::ofKelvin($node->get('k')->float()),
            $node->get('dose')->float(),
            $node->get('raw_taste')->float(),
            Mass::ofKilograms($node->get('water_kg')->float()),
        );
    }

    private static function toLadle(Node $node): Ladle
    {
        return $node->into(
            static fn(Node $node): Ladle => new Ladle(
                $node->get('branch')->text(),
                $node->get('sauce')->text(),
                $node->get('liquid')->text(),
                Volume::ofCubicMetres($node->get('m3')->float()),
            ),
        );
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function some(array $fields, mixed $nothing = null): array
    {
        return array_filter($fields, static fn(mixed $value): bool => $value !== $nothing);
    }
}
