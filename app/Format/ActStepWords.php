<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Pot\Lid;
use Lento\Pot\Lifting;
use Lento\Procedure\ActKind;
use Lento\Procedure\Vessel;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;

/** The steps of a plan in words: those of an act by its kind and its own amounts, for every sauce alike. */
final readonly class ActStepWords
{
    /** Shares that have a name, and how far off they still go by it. */
    private const SHARES = [
        'a-tenth' => 0.1,
        'a-quarter' => 0.25,
        'a-third' => 1.0 / 3.0,
        'half' => 0.5,
        'two-thirds' => 2.0 / 3.0,
        'three-quarters' => 0.75,
    ];

    private const SHARE_WITHIN = 0.012;

    /** mm: a notch that moves less than this is not read on a dip-stick. */
    private const LEAST_NOTCH = 4.0;

    /** @var array<string, string> */
    private array $with;

    private bool $byEye;

    private string $hold;

    private ?Length $notch;

    /** @var list<string> */
    private array $fats;

    public function __construct(private Plan $plan)
    {
        $kitchen = app(Kitchen::class);
        $this->hold = Degrees::number($kitchen->foodSafety()->holdAtLeast);
        $this->fats = $kitchen->larder()->fatNames();
        $cooking = $plan->cooking;
        $roux = $cooking?->roux;
        $oven = $plan->first(StepKind::Bake)?->conditions->at;
        $liquid = $plan->first(StepKind::Pour, StepKind::SetOut)?->conditions->at;
        $simmer = $plan->first(StepKind::Simmer, StepKind::Reduce);
        $pours = count($plan->first(StepKind::Pour)->additions ?? []);
        $salt = array_values(array_filter(
            $plan->first(StepKind::Season)->amounts ?? [],
            static fn(Amount $amount): bool => $amount->ingredient === 'salt',
        ))[0] ?? null;
        $this->notch = $simmer?->ends->depth;
        $this->byEye = $this->movesTooLittle($simmer);
        $this->with = [
            'fat' => ($plan->making->fat ?? '') === '' ? '' : Words::ingredient($plan->making->fat ?? ''),
            'oven' => $oven === null ? '' : Degrees::text($oven),
            'finishes' => implode(
                Words::text('steps.then'),
                array_map(self::finish(...), $plan->first(StepKind::Enrich)->additions ?? []),
            ),
            'fat_amount' => $roux === null ? '' : Grams::of($roux->roux->fat)->text(),
            'flour_amount' => $roux === null ? '' : Grams::of($roux->roux->flour)->text(),
            'liquid' => $this->liquid(),
            'poured' => AmountWords::list($this->jugs()),
            'ready' => $this->ready() === [] ? Words::text('steps.the-roux') : AmountWords::list($this->ready()),
            'liquid_c' => $liquid === null ? '' : Degrees::ofLiquid($liquid),
            'roux_c' => $roux === null ? '' : Degrees::text($roux->meets),
            'colour' => $roux === null ? '' : Words::text('compose.colour.' . $roux->colour->value),
            'pours' => trans_choice($this->inPieces() ? 'steps.pieces' : 'steps.pours', $pours, ['count' => $pours]),
            'lid' => Words::text('steps.simmer.lids.' . ($cooking->place->lid ?? Lid::Open)->value),
            'spoon'
                => $cooking === null
                    ? ''
                    : Words::spoon(SpoonTest::of(Flow::of($cooking->sauces->served, Temperature::ofCelsius(EquivalentFlour::CELSIUS)))),
            'cool' => $cooking === null ? '' : mb_strtolower(Words::text(
                'thickness.spoon.'
                    . SpoonTest::of(Flow::of($cooking->sauces->served, Temperature::ofCelsius(EquivalentFlour::CELSIUS)))->word()->value,
            )),
            'hot' => $cooking === null ? '' : mb_strtolower(Words::text(
                'thickness.spoon.'
                    . SpoonTest::of(
                        Flow::of($cooking->sauces->tested, Temperature::ofCelsius($cooking->simmer()->celsius())),
                    )->word()->value,
            )),
            'salt' => $salt === null ? Words::text('steps.no-salt') : Words::text('steps.salt', amount: Grams::of($salt->mass)->text()),
        ];
    }

    public function title(Step $step): string
    {
        return $this->say($step, 'title');
    }

    public function cue(Step $step): string
    {
        $lifts = $step->kind === StepKind::Colour && $this->plan->cooking?->roux?->carriesOn() === true;

        return $this->say($step, $lifts ? 'cue-lift' : 'cue');
    }

    public function caution(Step $step): string
    {
        $caution = $this->say($step, 'caution');
        $heavy = $step->kind === StepKind::Strain ? $this->weight() : '';

        return trim($caution . $heavy);
    }

    /** @return array<'look'|'smell'|'listen', string> */
    public function senses(Step $step): array
    {
        $colour = $step->kind === StepKind::Colour ? ($step->ends->colour->value ?? '') . '.' : '';

        return [
            'look' => $this->say($step, $colour . 'look'),
            'smell' => $this->say($step, $colour . 'smell'),
            'listen' => $this->say($step, $colour . 'listen'),
        ];
    }

    /** Under which words a step stands: those of its act; a flour goes in and a test is done by their own. */
    public static function key(Step $step): string
    {
        return in_array($step->kind, [StepKind::Flour, StepKind::SetOut, StepKind::Ladle, StepKind::Free], true)
            ? $step->kind->value
            : $step->act->value ?? $step->kind->value;
    }

    /** "a third", "40 %" */
    public static function share(float $share): string
    {
        foreach (self::SHARES as $name => $is) {
            if (abs($share - $is) <= self::SHARE_WITHIN) {
                return Words::text('steps.shares.' . $name);
            }
        }

        return Words::text('steps.shares.percent', percent: sprintf('%.0F', 100.0 * $share));
    }

    /**
     * "onion, carrot and celery"
     *
     * @param list<Amount> $amounts
     */
    private static function named(array $amounts): string
    {
        $names = array_values(
            array_unique(array_map(static fn(Amount $amount): string => Words::ingredient($amount->ingredient), $amounts)),
        );
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names) . Words::text('steps.and') . $last;
    }

    private static function finish(Addition $addition): string
    {
        $name = AmountWords::text($addition->amount);

        return $addition->bounds->atMost === null
            ? $name
            : Words::text('steps.finish-under', name: $name, celsius: Degrees::text($addition->bounds->atMost));
    }

    private function inPieces(): bool
    {
        $pours = $this->plan->first(StepKind::Pour)->additions ?? [];

        return $pours !== [] && !$pours[0]->amount->byTheJug;
    }

    /** @return list<Amount> what is poured */
    private function jugs(): array
    {
        return array_values(array_filter(
            $this->plan->first(StepKind::Pour)->amounts ?? [],
            static fn(Amount $amount): bool => $amount->byTheJug,
        ));
    }

    /** @return list<Amount> a roux that was cooked on another day, and goes into the pan with the pours */
    private function ready(): array
    {
        return array_values(array_filter(
            $this->plan->first(StepKind::Pour)->amounts ?? [],
            static fn(Amount $amount): bool => !$amount->byTheJug,
        ));
    }

    private function liquid(): string
    {
        $amounts = $this->jugs();
        $making = $this->plan->making->liquid ?? '';

        return match (true) {
            $amounts !== [] => self::named($amounts),
            $making === '' => '',
            default => Words::ingredient($making),
        };
    }

    private function movesTooLittle(?Step $simmer): bool
    {
        $cooking = $this->plan->cooking;
        $ends = $simmer?->ends->depth;
        if ($cooking === null || $ends === null || $simmer->ends->share === null) {
            return false;
        }

        return $cooking->place->pan->depth($cooking->sauces->start->volume())->inMillimetres() - $ends->inMillimetres() < self::LEAST_NOTCH;
    }

    /** What pan and sauce weigh together, where that is more than one cook lifts. */
    private function weight(): string
    {
        $cooking = $this->plan->cooking;
        $kilograms = $cooking === null ? 0.0 : $cooking->place->pan->mass()->kilograms + $cooking->sauces->tested->mass()->kilograms;
        $key = match (true) {
            $kilograms > Lifting::NEVER => 'never-lifted',
            $kilograms > Lifting::ALONE => 'heavy',
            default => '',
        };

        return $key === '' ? '' : Words::text('steps.strain.' . $key, kg: sprintf('%.0F', $kilograms));
    }

    /** @return array<string, string> what the words of this one step name */
    private function names(Step $step): array
    {
        $amounts = $step->amounts;
        $solids = array_values(array_filter($amounts, fn(Amount $amount): bool => !$this->isFat($amount)));
        $stir = null;
        $skims = false;
        foreach ($step->pace->tendings as $tending) {
            $stir = $tending->kind === TendingKind::Stir ? $tending->every->inMinutes() : $stir;
            $skims = $skims || $tending->kind === TendingKind::Skim;
        }
        $rest = array_values(array_filter($amounts, static fn(Amount $amount): bool => $amount->ingredient !== 'salt'));
        $most = $step->conditions->bounds->atMost;

        return [
            'list' => AmountWords::list($amounts),
            'name' => self::named($amounts),
            'vegetables' => self::named($solids),
            'liquids' => self::named(array_values(array_filter($amounts, static fn(Amount $amount): bool => $amount->byTheJug))),
            'share' => self::share($step->ends->share ?? 0.5),
            'celsius' => $step->ends->temperature === null ? '' : Degrees::text($step->ends->temperature),
            'least' => $step->conditions->bounds->atLeast === null ? '' : Degrees::number($step->conditions->bounds->atLeast),
            'most' => $most === null ? '' : Degrees::text($most),
            'hold' => $this->hold,
            'batches' => $step->pace->batches > 1 ? Words::text('steps.batches', count: $step->pace->batches) : '',
            'stir' => match (true) {
                $stir === null => Words::text('steps.every.never'),
                $stir <= 1.0 => Words::text('steps.every.minute'),
                default => Words::text('steps.every.minutes', count: sprintf('%.0F', $stir)),
            },
            'skim' => $skims ? Words::text('steps.simmer.skims') : '',
            'end_mm' => sprintf('%.0F', ($step->ends->depth ?? $this->notch)?->inMillimetres() ?? 0.0),
            'minutes' => Minutes::text($step->pace->time),
            'with' => $amounts === [] ? '' : Words::text('steps.with', list: AmountWords::list($amounts)),
            'more' => $rest === [] ? '' : Words::text('steps.with-pepper', list: AmountWords::list($rest)),
        ];
    }

    private function isFat(Amount $amount): bool
    {
        return in_array($amount->ingredient, $this->fats, true);
    }

    private function say(Step $step, string $what): string
    {
        $path = 'steps.' . self::key($step) . '.';
        foreach ($this->ways($step) as $way) {
            foreach ($this->variants($step, $what) as $variant) {
                $key = $path . $way . $variant;
                $text = Words::text($key);
                if ($text === $key) {
                    continue;
                }
                // Worked out only where something is to be named: a stove says this of every step of a pot.
                $names = str_contains($text, ':') ? [...$this->with, ...$this->names($step)] : [];

                return str_replace(' .', '.', Words::text($key, ...$names));
            }
        }

        return '';
    }

    /** @return non-empty-list<string> of the words of its kind, the meant ones first */
    private function ways(Step $step): array
    {
        $fat = $this->plan->making->fat ?? '';
        $way = match (true) {
            $step->kind === StepKind::Melt && $step->variant === '' && in_array($fat, ['butter', 'rich-butter', 'margarine'], true)
                => in_array($this->plan->cooking?->roux?->colour->value, ['brown', 'dark'], true) ? 'brown' : 'butter',
            $step->act === ActKind::StirIn && $step->variant === '' && $step->conditions->bounds->atMost !== null => 'limit',
            default => $step->variant,
        };

        return $way === '' ? [''] : ['ways.' . $way . '.', ''];
    }

    /** @return non-empty-list<string> what is asked for, in the form that fits this pot */
    private function variants(Step $step, string $what): array
    {
        return match (true) {
            $step->kind === StepKind::Pour && $this->inPieces() => [$what . '-pieces', $what],
            $step->kind === StepKind::Pour && $this->ready() !== [] => [$what . '-ready', $what],
            $step->kind === StepKind::Test && $this->with['hot'] === $this->with['cool'] => [$what . '-same', $what],
            $step->kind === StepKind::LetDown && $step->variant === 'cooled' => [$what . '-cooled', $what],
            $step->kind === StepKind::Reduce && $this->byEye => [$what . '-by-eye', $what],
            $step->act !== null && $step->amounts === [] && $step->conditions->vessel !== Vessel::Bench => [$what . '-empty', $what],
            default => [$what],
        };
    }
}
