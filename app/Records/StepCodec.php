<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Forecast\Band;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Bounds;
use Lento\Plan\Conditions;
use Lento\Plan\Effect;
use Lento\Plan\Ends;
use Lento\Plan\Measured;
use Lento\Plan\Pace;
use Lento\Plan\Said;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\ActKind;
use Lento\Procedure\Vessel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;

/** The steps of a plan as they are kept: in SI, what there is nothing of left out. */
final readonly class StepCodec
{
    /** @return array<string, mixed> */
    public static function step(Step $step): array
    {
        $pace = $step->pace;
        $on = $step->conditions;

        return self::some([
            'id' => $step->id,
            'kind' => $step->kind->value,
            'act' => $step->act?->value,
            'variant' => $step->variant === '' ? null : $step->variant,
            's' => $pace->time->seconds,
            'band_min' => $pace->band === null ? null : [$pace->band->low, $pace->band->likely, $pace->band->high],
            'hands_on' => $pace->handsOn,
            'timed' => $pace->timed,
            'batches' => $pace->batches === 1 ? null : $pace->batches,
            'visits_s'
                => $pace->tendings === []
                    ? null
                    : array_column(
                        array_map(static fn(Tending $one): array => [$one->kind->value, $one->every->seconds], $pace->tendings),
                        1,
                        0,
                    ),
            'vessel' => $on->vessel->value,
            'simmers' => $on->simmers?->value,
            'at_least_k' => $on->bounds->atLeast?->kelvin,
            'at_most_k' => $on->bounds->atMost?->kelvin,
            'at_k' => $on->at?->kelvin,
            'ends' => self::ends($step->ends),
            'keeps' => $step->effect->keeps === 1.0 ? null : $step->effect->keeps,
            'joins' => $step->effect->joins === null ? null : SauceCodec::sauce($step->effect->joins),
            'amounts' => $step->amounts === [] ? null : array_map(self::amount(...), $step->amounts),
            'additions' => $step->additions === [] ? null : array_map(self::addition(...), $step->additions),
            'said'
                => $step->said === null
                    ? null
                    : [
                        'title' => $step->said->title,
                        'cue' => $step->said->cue,
                        'caution' => $step->said->caution,
                        'ticks' => $step->said->ticks,
                    ],
        ]);
    }

    public static function toStep(Node $node): Step
    {
        $step = self::toOutline($node);
        $additions = array_map(self::toAddition(...), $node->maybe('additions')?->all() ?? []);
        $joins = $node->maybe('joins');
        $said = $node->maybe('said');
        $step = $step
            ->in(
                Conditions::in(
                    $node->get('vessel')->one(Vessel::class),
                    $node->maybe('simmers')?->one(SimmerLevel::class),
                    self::toBounds($node),
                    self::toTemperature($node->maybe('at_k')),
                ),
            )
            ->until(self::toEnds($node->maybe('ends')))
            ->changing(
                $node->into(
                    static fn(Node $node): Effect => Effect::keeping(
                        $node->maybe('keeps')?->float() ?? 1.0,
                        $joins === null ? null : SauceCodec::toSauce($joins),
                    ),
                ),
            )
            ->using(array_map(self::toAmount(...), $node->maybe('amounts')?->all() ?? []))
            ->ticking($additions);

        return $said === null
            ? $step
            : $step->saying(
                new Said(
                    $said->get('title')->text(),
                    $said->get('cue')->text(),
                    $said->get('caution')->text(),
                    array_map(static fn(Node $tick): string => $tick->text(), $said->get('ticks')->all()),
                ),
            );
    }

    /** Only what says where a pot stands: a list of twenty pots needs no more. Its additions are known by their ids alone. */
    public static function toOutline(Node $node): Step
    {
        $band = $node->maybe('band_min')?->floats();
        $visits = [];
        foreach ($node->maybe('visits_s')?->named() ?? [] as $kind => $every) {
            $visits[] = new Tending(
                Node::root($kind, 'visits_s')->one(TendingKind::class),
                $every->into(static fn(Node $every): Duration => Duration::ofSeconds($every->float())),
            );
        }
        $pace = $node->into(static fn(Node $node): Pace => Pace::of(
            Duration::ofSeconds($node->get('s')->float()),
            $node->get('hands_on')->yes(),
            $node->get('timed')->yes(),
            $visits,
            $band === null ? null : Band::between($band[0] ?? 0.0, $band[1] ?? 0.0, $band[2] ?? 0.0),
        )->inBatches($node->maybe('batches')?->whole() ?? 1));
        $nothing = new Amount('', Mass::ofGrams(0.0), new Measured(null), When::Pour);
        $additions = array_map(
            static fn(Node $one): Addition => Addition::of($one->get('id')->name(), $nothing),
            $node->maybe('additions')?->all() ?? [],
        );

        $step = Step::of($node->get('kind')->one(StepKind::class), $pace, $node->maybe('variant')?->text() ?? '')
            ->known($node->get('id')->name())
            ->ticking($additions);
        $act = $node->maybe('act')?->one(ActKind::class);

        return $act === null ? $step : $step->doing($act);
    }

    /** @return array<string, mixed>|null */
    private static function ends(Ends $ends): ?array
    {
        $some = self::some([
            'colour' => $ends->colour?->value,
            'share' => $ends->share,
            'm3' => $ends->volume?->cubicMetres,
            'depth_m' => $ends->depth?->metres,
            'k' => $ends->temperature?->kelvin,
        ]);

        return $some === [] ? null : $some;
    }

    private static function toEnds(?Node $node): Ends
    {
        $temperature = self::toTemperature($node?->maybe('k'));
        $colour = $node?->maybe('colour')?->one(Colour::class);
        $volume = $node?->maybe('m3');
        $depth = $node?->maybe('depth_m');

        return match (true) {
            $temperature !== null => Ends::atTemperature($temperature),
            $colour !== null => Ends::atColour($colour),
            $volume !== null => $volume->into(
                static fn(Node $volume): Ends => Ends::atLevel(
                    Volume::ofCubicMetres($volume->float()),
                    $depth === null ? null : Length::ofMetres($depth->float()),
                    $node->maybe('share')?->float(),
                ),
            ),
            $node?->maybe('share') !== null => Ends::byShare($node->get('share')->float()),
            default => Ends::byItself(),
        };
    }

    /** @return array<string, mixed> */
    private static function amount(Amount $amount): array
    {
        return self::some([
            'of' => $amount->ingredient,
            'kg' => $amount->mass->kilograms,
            'm3' => $amount->volume?->cubicMetres,
            'when' => $amount->when->value,
            'pieces' => $amount->pieces,
            'allergens' => $amount->allergens === [] ? null : array_column($amount->allergens, 'value'),
            'read_label' => $amount->readLabel === [] ? null : array_column($amount->readLabel, 'value'),
            'by_the_jug' => $amount->byTheJug ? true : null,
        ]);
    }

    private static function toAmount(Node $node): Amount
    {
        $allergens = $node->maybe('allergens');
        $label = $node->maybe('read_label');
        $volume = $node->maybe('m3');

        return $node->into(
            static fn(Node $node): Amount => new Amount(
                $node->get('of')->text(),
                Mass::ofKilograms($node->get('kg')->float()),
                new Measured(
                    $volume === null ? null : Volume::ofCubicMetres($volume->float()),
                    $node->maybe('pieces')?->float(),
                    $node->maybe('by_the_jug')?->yes() ?? false,
                ),
                $node->get('when')->one(When::class),
                $allergens === null ? [] : SauceCodec::toAllergens($allergens),
                $label === null ? [] : SauceCodec::toAllergens($label),
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function addition(Addition $addition): array
    {
        return self::some([
            'id' => $addition->id,
            'amount' => self::amount($addition->amount),
            'at_least_k' => $addition->bounds->atLeast?->kelvin,
            'at_most_k' => $addition->bounds->atMost?->kelvin,
            'lands_k' => $addition->lands?->kelvin,
            'slack' => $addition->slack ? true : null,
        ]);
    }

    private static function toAddition(Node $node): Addition
    {
        return $node->into(static fn(Node $node): Addition => Addition::of(
            $node->get('id')->name(),
            self::toAmount($node->get('amount')),
            self::toBounds($node),
            self::toTemperature($node->maybe('lands_k')),
            $node->maybe('slack')?->yes() ?? false,
        ));
    }

    private static function toBounds(Node $node): Bounds
    {
        return Bounds::between(self::toTemperature($node->maybe('at_least_k')), self::toTemperature($node->maybe('at_most_k')));
    }

    private static function toTemperature(?Node $node): ?Temperature
    {
        return $node?->into(static fn(Node $node): Temperature => Temperature::ofKelvin($node->float()));
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function some(array $fields): array
    {
        return array_filter($fields, static fn(mixed $value): bool => $value !== null);
    }
}
