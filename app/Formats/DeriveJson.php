<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Degrees;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Family\CorrectionKind;
use Lento\Family\Derived;
use Lento\Keeping\FoodSafety;
use Lento\Plan\Plan;
use Lento\Pot\Lifting;

/** The answer of `lento derive --json`; its shape is docs/formats/derive-answer.schema.json and stays stable. */
final readonly class DeriveJson
{
    /** min that a sauce is held hot for its quality: yolk and mounted butter half as long. Source: docs/sauces.md, hazards. */
    private const HELD = 120.0;

    private const HELD_WITH_A_LIMIT = 60.0;

    private FoodSafety $rules;

    public function __construct(Kitchen $kitchen)
    {
        $this->rules = $kitchen->foodSafety();
    }

    /** @return array<string, mixed> */
    public function of(Derived $derived, Plan $plan): array
    {
        $flow = $derived->spoon();
        $most = $derived->keepBelow();

        return [
            'sauce' => $derived->derivative->id,
            'base' => [
                'sauce' => $derived->derivative->parent,
                'liquid' => $derived->taken->liquid->id,
                'litres' => SheetJson::round($derived->taken->volume()->inLitres(), 3),
            ],
            'yield_ml' => SheetJson::round($derived->volume()->inMillilitres(), 1),
            'amounts' => array_map(StepJson::amount(...), $plan->amounts()),
            'steps' => StepJson::all($plan),
            'thickness' => [
                'class' => $derived->thickness()->thicknessClass()->value,
                'effective_flour_g_per_l' => SheetJson::round($derived->thickness()->gramsPerLitre),
                'spoon' => $flow->word()->value,
            ],
            'salt_percent' => SheetJson::round($derived->seasonedPercent(), 3),
            'allergens' => AllergensJson::of($derived->allergens(), $derived->readLabel()),
            'keep' => [
                'at_least_celsius' => SheetJson::round($this->rules->holdAtLeast->inCelsius(), 1),
                'at_most_celsius' => $most === null ? null : SheetJson::round($most->inCelsius(), 1),
                'hot_minutes' => $most === null ? self::HELD : self::HELD_WITH_A_LIMIT,
                'may_boil_again' => $most === null,
            ],
            'warnings' => $this->warnings($derived),
        ];
    }

    /** @return list<array{code: string, message: string}> */
    private function warnings(Derived $derived): array
    {
        $most = $derived->keepBelow();
        $kilograms = $derived->pan->mass()->kilograms + $derived->sauce->mass()->kilograms;
        $said = [
            'corrected' => $derived->correction === null ? null : Words::text(
                $derived->correction->kind === CorrectionKind::Thin ? 'family.warn.thinned' : 'family.warn.thickened',
            ),
            'keep-below' => $most === null ? null : Words::text(
                'family.warn.keep_below',
                least: Degrees::number($this->rules->holdAtLeast),
                most: Degrees::text($most),
            ),
            'alcohol' => $derived->alcoholPercent() < 0.05 ? null : Words::text(
                'family.warn.alcohol',
                percent: sprintf('%.1F', $derived->alcoholPercent()),
            ),
            'egg' => $derived->sauce->yolkGrams > 0.0 ? Words::text('family.warn.egg') : null,
            'heavy' => $kilograms > Lifting::ALONE ? Words::text(
                $kilograms > Lifting::NEVER ? 'family.warn.never_lifted' : 'family.warn.two_people',
                kg: sprintf('%.0F', $kilograms),
            ) : null,
        ];
        $warnings = [];
        foreach ($said as $code => $message) {
            $warnings = $message === null ? $warnings : [...$warnings, ['code' => $code, 'message' => $message]];
        }

        return $warnings;
    }
}
