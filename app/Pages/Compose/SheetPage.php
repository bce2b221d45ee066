<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Allergens;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Pieces;
use App\Format\SauceColour;
use App\Format\StepWords;
use App\Format\Words;
use App\Formats\RecipeOut;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\PotPicture;
use App\Pages\Pictures\StairPicture;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Sheet;
use Lento\Exception\LentoException;
use Lento\Keeping\SkinGuard;
use Lento\Larder\Allergen;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\When;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Rescue\LateThickening;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Thickening;
use Lento\Thickness\EquivalentFlour;

/** The whole sheet of a sauce in the order of the work: what to weigh and set out, what to do, what to mind, what it costs. */
final readonly class SheetPage
{
    /** min: a correction that needs longer is offered last. Source: the laws of scale, docs/sauces.md. */
    private const LONGEST_REDUCTION = 45.0;

    private KitchenMeasure $measure;

    private StepWords $words;

    public Plan $plan;

    public function __construct(public Sheet $sheet, private Kitchen $kitchen)
    {
        $this->measure = new KitchenMeasure($kitchen->measures);
        $this->words = StepWords::of($this->plan = $sheet->plan());
    }

    /** The same for other programs. */
    public function recipe(): RecipeOut
    {
        return RecipeOut::named(Words::sauce($this->sheet->question), $this->plan, $this->allergens());
    }

    public function heading(): string
    {
        return Words::wanted($this->sheet);
    }

    /** "½ cup, from 140.4 g": spoons, the weight of what is poured, and what the scale rounded */
    public static function beside(Amount $amount, KitchenMeasure $measure): string
    {
        $spoons = $amount->volume === null ? '' : $measure->of($amount->volume);
        $grams = $amount->mass->inGrams();
        $weight = $amount->when === When::Pour ? Grams::of($amount->mass)->text() : '';
        $shown = Grams::of($amount->mass);
        $rounded = $amount->when !== When::Pour
        && $grams >= 10.0
        && abs((float) $shown->number * ($shown->unit === 'kg' ? 1000.0 : 1.0) - $grams) >= 0.1
            ? Words::text('compose.rounded', grams: sprintf($grams < 1000.0 ? '%.1F' : '%.0F', $grams))
            : '';

        return implode(', ', array_filter([$spoons, $weight, $rounded], static fn(string $text): bool => $text !== ''));
    }

    /**
     * @return array<string, non-empty-list<array{
     *     name: string, amount: string, beside: string, allergens: string, cost: string, about: string
     * }>> by when it is used
     */
    public function amounts(): array
    {
        $lines = [];
        foreach ($this->sheet->amounts() as $amount) {
            $cost = $this->kitchen->cost($amount->ingredient, $amount->mass);
            $lines[$amount->when->value][] = self::told([
                'name' => ucfirst(Words::ingredient($amount->ingredient)),
                'amount' => match (true) {
                    $amount->pieces !== null => Pieces::count($amount->pieces, $amount->ingredient),
                    $amount->when === When::Pour && $amount->volume !== null => Litres::of($amount->volume)->text(),
                    default => Grams::of($amount->mass)->text(),
                },
                'beside' => $amount->pieces === null ? self::beside($amount, $this->measure) : '',
                'allergens' => implode(
                    ', ',
                    array_map(static fn(Allergen $one): string => Words::text('ingredients.allergens.' . $one->value), $amount->allergens),
                ),
                'cost' => $cost === null ? '' : $this->kitchen->currency() . sprintf('%.2F', $cost),
            ]);
        }

        return $lines;
    }

    /**
     * @param array{name: string, amount: string, beside: string, allergens: string, cost: string} $line
     *
     * @return array{name: string, amount: string, beside: string, allergens: string, cost: string, about: string} with what stands after it
     */
    private static function told(array $line): array
    {
        $about = array_filter([$line['beside'], $line['allergens'], $line['cost']], static fn(string $one): bool => $one !== '');

        return [...$line, 'about' => implode(' · ', $about)];
    }

    /** What all that has a price costs, and what has none; null where nothing has. */
    public function cost(): ?string
    {
        $costs = $this->kitchen->costs($this->sheet->amounts());
        if ($costs === []) {
            return null;
        }
        $all = array_sum($costs);
        $litres = $this->sheet->question->yield->inLitres();

        return Words::text(
            count($costs) === count($this->sheet->amounts()) ? 'sheet.cost' : 'sheet.cost_of',
            all: $this->kitchen->currency() . sprintf('%.2F', $all),
            litre: $this->kitchen->currency() . sprintf('%.2F', $all / $litres),
            priced: count($costs),
            lines: count($this->sheet->amounts()),
        );
    }

    /** @return list<string> tools and states, before anything is lit */
    public function setOut(): array
    {
        $question = $this->sheet->question;
        $pan = $question->pan;
        $liquid = $question->base->hasRoux()
            ? Words::text(
                'sheet.liquid_at',
                liquid: ucfirst(Words::ingredient($question->liquid)),
                celsius: Degrees::ofLiquid($this->plan->first(StepKind::SetOut)->conditions->at ?? $this->sheet->stair->liquid),
            )
            : null;

        return array_values(
            array_filter(
                [
                    Words::text(
                        'sheet.pan',
                        wide: sprintf('%.0F', $pan->diameter->inCentimetres()),
                        high: sprintf('%.0F', $pan->height->inCentimetres()),
                        fill: sprintf('%.0F', $this->sheet->fillPercent()),
                    ),
                    Words::text(
                        'sheet.dip_stick',
                        start: sprintf('%.0F', $this->sheet->startDepth()->inMillimetres()),
                        end: sprintf('%.0F', $this->sheet->endDepth()->inMillimetres()),
                    ),
                    $liquid,
                    $question->base->hasRoux() ? Words::text('sheet.whisk') : null,
                    $question->inOven() ? Words::text('sheet.oven', celsius: Degrees::text($question->oven)) : null,
                    $question->method->strain === StrainWay::Strained ? Words::text('sheet.strainer') : null,
                    $question->method->strain === StrainWay::Blended ? Words::text('sheet.blender') : null,
                    $question->method->skin === SkinGuard::Cartouche
                        ? Words::text('sheet.cartouche', mm: sprintf('%.0F', $pan->diameter->inMillimetres() / 2.0))
                        : null,
                ],
                static fn(?string $thing): bool => $thing !== null,
            ),
        );
    }

    /** @return list<array{name: string, title: string, minutes: string, cue: string, caution: string, hands: bool}> */
    public function steps(): array
    {
        return array_map(fn(Step $step): array => [
            'name' => StepWords::name($step),
            'title' => $this->words->title($step),
            'minutes' => $step->pace->time->inMinutes() < 0.05 ? '' : Minutes::text($step->pace->time),
            'cue' => $this->words->cue($step),
            'caution' => $this->words->caution($step),
            'hands' => $step->pace->handsOn,
        ], $this->stepsInWords());
    }

    /** @return list<Step> a correction is worked out at the stove, if it comes to one: on paper there is nothing to say of it */
    private function stepsInWords(): array
    {
        return array_values(array_filter($this->plan->steps, static fn(Step $step): bool => $step->kind !== StepKind::Correct));
    }

    /** "0.75 % at the end: 15 g go in" */
    public function salt(): string
    {
        $goes = array_sum(
            array_map(
                static fn(Amount $amount): float => $amount->ingredient === 'salt' ? $amount->mass->inGrams() : 0.0,
                $this->sheet->amounts(),
            ),
        );
        $in = $this->sheet->start->saltGrams;
        $end = $this->sheet->served->saltPercent();

        return Words::text(match (true) {
            $goes <= 0.0 && $end < 0.1 => 'sheet.unsalted',
            $goes <= 0.0 => 'sheet.salt_brought',
            $in > 0.5 => 'sheet.salt_both',
            default => 'sheet.salt',
        }, percent: sprintf('%.2F', $end), goes: sprintf('%.0F', $goes), in: sprintf('%.0F', $in));
    }

    /** What mends it by this kitchen's school, if it comes out at the thin end of its band. */
    public function ifThin(): ?string
    {
        $question = $this->sheet->question;
        $band = $this->sheet->outlook->thickness->band;
        $wanted = $question->thickness;
        $factor = max(0.5, min(1.0, $band->low / max(1.0, $band->likely)));
        $thin = $this->sheet->end->strengthened($factor);
        try {
            $low = EquivalentFlour::of($thin);
            $simmer = $question->simmer();
            $late = $question->method->late;
            $reduced = $late === LateThickening::Reduce ? Reduction::to($wanted, $thin, $simmer) : null;
            // Nobody waits an hour for what a spoon of starch does.
            $late = $reduced !== null && $reduced->time->inMinutes() > self::LONGEST_REDUCTION ? LateThickening::Slurry : $late;
            if ($reduced !== null && $late === LateThickening::Reduce) {
                return Words::text(
                    'sheet.thin_reduce',
                    grams: sprintf('%.0F', $low->gramsPerLitre),
                    mm: sprintf('%.0F', $reduced->depthIn($question->pan)->inMillimetres()),
                    minutes: Minutes::text($reduced->time),
                );
            }
            $means = match ($late) {
                LateThickening::WhiteRoux => Means::WhiteRoux,
                LateThickening::BeurreManie => Means::BeurreManie,
                default => Means::Slurry,
            };
            $thickened = Thickening::to(
                $wanted,
                $thin,
                $means,
                $question->larder->thickener($means === Means::Slurry ? 'cornflour' : 'plain-flour'),
                $simmer,
                $question->larder,
            );

            return Words::text(
                'sheet.thin_' . $late->value,
                grams: sprintf('%.0F', $low->gramsPerLitre),
                amount: Grams::of(Mass::ofKilograms($thickened->thickener->kilograms + $thickened->butter->kilograms))->text(),
                minutes: Minutes::text(Duration::ofMinutes(max(1.0, $thickened->time->inMinutes()))),
            );
        } catch (LentoException) {
            return null;
        }
    }

    public function inAll(bool $handsOn = false): string
    {
        return Minutes::text(
            Duration::ofMinutes(
                array_sum(
                    array_map(
                        static fn(Step $step): float => !$handsOn || $step->pace->handsOn ? $step->pace->time->inMinutes() : 0.0,
                        $this->sheet->steps(),
                    ),
                ),
            ),
        );
    }

    public function allergens(): string
    {
        return Allergens::line($this->sheet->allergens(), $this->sheet->readLabel());
    }

    public function pot(): PotPicture
    {
        return PotPicture::ofSheet($this->sheet, SauceColour::of($this->sheet));
    }

    public function stair(): ?StairPicture
    {
        return StairPicture::of($this->plan, SauceColour::of($this->sheet));
    }
}
