<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use Lento\Family\Carries;
use Lento\Family\Stem;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\UseBy;
use Lento\Larder\Allergen;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Shelf\Lot;
use Lento\Thickness\Sauce;

/** What a batch was when it was put away: what is in it, the rules that were in force, how long it keeps. */
final readonly class LotCodec
{
    /** @return array<string, mixed> */
    public static function facts(LotFacts $facts): array
    {
        return [
            'v' => 1,
            ...$facts->stem === null ? [] : ['stem' => self::stem($facts->stem)],
            'colour' => $facts->colour,
            'keep_below_k' => $facts->lot->keepBelow?->kelvin,
            'rules' => self::rules($facts->lot->rules),
            'rules_as_of' => $facts->rulesAsOf,
            'days' => ['chilled' => $facts->lot->useBy->chilledDays, 'frozen' => $facts->lot->useBy->frozenDays],
        ];
    }

    public static function toFacts(Node $node, DateTimeImmutable $made): LotFacts
    {
        $stem = $node->has('stem') ? self::toStem($node->get('stem')) : null;
        $below = $node->maybe('keep_below_k')?->float();
        $days = $node->get('days');

        return new LotFacts(
            new Lot(
                $made,
                $stem->sauce ?? Sauce::nothing(),
                $below === null ? null : Temperature::ofKelvin($below),
                self::toRules($node->get('rules')),
                UseBy::days(max(1, $days->get('chilled')->whole()), $days->get('frozen')->whole()),
            ),
            $stem,
            $node->get('colour')->text(),
            $node->maybe('rules_as_of')?->text() ?? '',
        );
    }

    /** @return array<string, mixed> */
    public static function rules(FoodSafety $rules): array
    {
        return [
            'name' => $rules->name,
            'hold_c' => $rules->holdAtLeast->inCelsius(),
            'stages' => array_map(static fn(CoolingStage $stage): array => [
                'from_c' => $stage->from->inCelsius(),
                'to_c' => $stage->to->inCelsius(),
                'min' => $stage->within->inMinutes(),
            ], $rules->stages),
            'reheat_c' => $rules->reheatTo->inCelsius(),
            'reheat_min' => $rules->reheatWithin?->inMinutes(),
            'keep_c' => $rules->keepAtMost->inCelsius(),
        ];
    }

    public static function toRules(Node $node): FoodSafety
    {
        return $node->into(static function (Node $node): FoodSafety {
            $celsius = static fn(Node $at, string $key): Temperature => Temperature::ofCelsius($at->get($key)->float());
            $stages = array_map(static fn(Node $stage): CoolingStage => new CoolingStage(
                $celsius($stage, 'from_c'),
                $celsius($stage, 'to_c'),
                Duration::ofMinutes($stage->get('min')->float()),
            ), $node->get('stages')->all());
            $within = $node->maybe('reheat_min')?->float();

            return FoodSafety::own(
                $node->get('name')->name(),
                $celsius($node, 'hold_c'),
                $stages === [] ? throw $node->get('stages')->wrong('missing') : $stages,
                $celsius($node, 'reheat_c'),
                $within === null ? null : Duration::ofMinutes($within),
                $celsius($node, 'keep_c'),
            );
        });
    }

    /** @return array<string, mixed> */
    private static function stem(Stem $stem): array
    {
        return [
            'sauce' => SauceCodec::sauce($stem->sauce),
            'pieces' => SauceCodec::sauce($stem->pieces),
            'liquid' => SauceCodec::ingredient($stem->liquid),
            'contains' => array_column($stem->carries->allergens, 'value'),
            'read_label' => array_column($stem->carries->readLabel, 'value'),
            'keep_below_k' => $stem->carries->keepBelow?->kelvin,
            'salt' => $stem->saltShare,
        ];
    }

    private static function toStem(Node $node): Stem
    {
        $below = $node->maybe('keep_below_k')?->float();
        $allergens = static fn(string $key): array => array_map(
            static fn(Node $one): Allergen => $one->one(Allergen::class),
            $node->get($key)->all(),
        );

        return $node->into(static fn(Node $node): Stem => new Stem(
            SauceCodec::toSauce($node->get('sauce')),
            SauceCodec::toSauce($node->get('pieces')),
            SauceCodec::toIngredient($node->get('liquid')),
            new Carries($allergens('contains'), $allergens('read_label'), $below === null ? null : Temperature::ofKelvin($below)),
            $node->get('salt')->float(),
        ));
    }
}
