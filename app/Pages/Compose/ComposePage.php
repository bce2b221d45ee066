<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Allergens;
use App\Format\Bands;
use App\Format\BringingWords;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Pieces;
use App\Format\SauceColour;
use App\Format\Words;
use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\PotPicture;
use App\Pages\Pictures\SpoonPicture;
use App\Pages\Pictures\StairPicture;
use App\Questions\ComposeFields;
use App\Questions\OwnRatio;
use App\Typed\FieldFault;
use App\Typed\MoreField;
use App\Typed\PanMeasure;
use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Bringing;
use Lento\Compose\GivenKind;
use Lento\Compose\Sheet;
use Lento\Heat\HobHeat;
use Lento\Plan\Amount;
use Lento\Plan\When;
use Lento\Pot\Pan;
use Lento\Procedure\Dose;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\ReferenceBechamel;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\ThicknessClass;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** All that Compose prints: what is wanted, the drawings, the weigh-out sheet. */
final readonly class ComposePage
{
    public ?SheetPage $whole;

    public GivenNumbers $numbers;

    public OnHand $onHand;

    private string $left;

    /**
     * @param array<string, string> $fields as typed, the usual written out
     * @param string $question the one the sheet answers, as an address
     * @param array<string, string> $errors by field
     */
    private function __construct(
        public array $fields,
        public string $question,
        public ?Sheet $sheet,
        public array $errors,
        public Kitchen $kitchen,
        public ?int $version,
        private KitchenMeasure $measure,
        ComposeFields $typed,
    ) {
        $this->whole = $sheet === null ? null : new SheetPage($sheet, $kitchen);
        $this->numbers = new GivenNumbers($fields, $sheet, $kitchen);
        $this->onHand = OnHand::of($typed, $sheet, $kitchen);
        $this->left = $typed->left;
    }

    /**
     * @param ComposeFields $shown the question the sheet answers: the last good one when the typed one is faulty
     * @param list<FieldFault> $faults
     * @param int|null $version the kept sauce it came from
     */
    public static function of(
        ComposeFields $typed,
        ComposeFields $shown,
        ?Sheet $sheet,
        array $faults,
        Kitchen $kitchen,
        ?int $version = null,
    ): self {
        $errors = [];
        foreach ($faults as $fault) {
            $errors[$fault->field] ??= $fault->message();
        }

        return new self(
            $typed->filled($kitchen)->fields,
            http_build_query($shown->toAddress()),
            $sheet,
            $errors,
            $kitchen,
            $version,
            new KitchenMeasure($kitchen->measures),
            $typed,
        );
    }

    /** Whether the sheet belongs to an earlier question, because this one cannot be read. */
    public function stale(): bool
    {
        return $this->errors !== [];
    }

    public function heading(): string
    {
        return $this->sheet === null ? Words::text('compose.nothing') : Words::wanted($this->sheet);
    }

    public function error(string $field): ?string
    {
        return $this->errors[$field] ?? null;
    }

    public function given(): string
    {
        return $this->fields['given'];
    }

    /** Whether a formula is held, by its amounts or as a ratio, and the thickness follows from it. */
    public function isHeld(): bool
    {
        return $this->sheet?->question->held !== null;
    }

    /** Whether a formula can be held as a ratio: where there is a roux, and neither it nor its fat and flour say how much. */
    public function takesRatio(): bool
    {
        return (Base::tryFrom($this->fields['sauce']) ?? Base::Veloute)->hasRoux();
    }

    /** Fat to flour as a formula holds it: "1.85 : 1"; '' where it is to be chosen. */
    public function heldRatio(): string
    {
        $says = $this->given() === 'formula'
            ? $this->fields['have_fat'] !== '' && $this->fields['have_flour'] !== ''
            : $this->isHeld() && count(OwnRatio::read($this->fields['own_ratio'])->parts ?? []) === 3;

        return $this->sheet === null || !$says ? '' : TypedNumber::plain(round($this->sheet->question->fatToFlour, 2)) . ' : 1';
    }

    /** @return list<array{name: string, comes: string, taken: bool, address: string}> what a rule of thumb means both ways */
    public function meanings(): array
    {
        return $this->takesRatio() && $this->given() !== 'formula' ? Meanings::of($this->fields, $this->kitchen) : [];
    }

    /** What the formula comes out as: "Comes out at 38 g/l: pouring". */
    public function comesOut(): string
    {
        return $this->sheet === null ? '' : Words::text(
            'compose.held.comes_out',
            grams: sprintf('%.0F', $this->sheet->thickness->gramsPerLitre),
            class: Words::text('thickness.class.' . $this->sheet->thickness->thicknessClass()->value),
        );
    }

    /** @return list<string> what brings the formula to the class that is aimed at, each way by itself */
    public function brings(): array
    {
        return $this->sheet === null || !$this->isHeld()
            ? []
            : BringingWords::of(
                Bringing::of($this->sheet, ThicknessClass::tryFrom($this->fields['thickness']) ?? ThicknessClass::Coating),
                $this->sheet,
            );
    }

    /** @return list<string> what can be given for this base */
    public function givens(): array
    {
        $roux = (Base::tryFrom($this->fields['sauce']) ?? Base::Veloute)->hasRoux();

        return array_values(
            array_filter(
                array_keys(ComposeFields::GIVEN),
                static fn(string $given): bool => $roux || !in_array($given, ['fat', 'flour', 'roux', 'formula'], true),
            ),
        );
    }

    /** Whether a number has no place of its own on the page just now. */
    public function hidden(string $field): bool
    {
        return match ($field) {
            'amount' => $this->given() === 'covers',
            'covers', 'each' => $this->given() !== 'covers',
            default => !in_array($field, array_map($this->fieldOf(...), $this->chief()), true),
        };
    }

    /** @return list<string> fields of the number that is given, where the slip has no line to say what is wrong with them */
    public function errorsWithoutPlace(): array
    {
        $lines = array_map($this->fieldOf(...), $this->chief());

        return array_values(
            array_filter(
                ['given', ...$this->takesRatio() ? [] : ['own_ratio'], ...array_unique(array_merge(...array_values(ComposeFields::GIVEN)))],
                static fn(string $field): bool => !in_array($field, $lines, true),
            ),
        );
    }

    /** @return array<string, string> what the form showed, for the server to see what has been touched */
    public function seen(): array
    {
        $seen = [];
        foreach (['amount', 'covers', 'each', 'stock', 'have_fat', 'have_flour', 'have_roux'] as $field) {
            $seen[$field] = $this->numbers->number($field);
        }
        foreach (['sauce', 'liquid', 'pan', 'diameter', 'height', 'minutes', 'reduce'] as $field) {
            $seen[$field] = $this->fields[$field];
        }

        return [...$seen, 'usual_minutes' => $this->usualMinutes(), 'rung' => $this->rung(), 'thickness' => $this->thicknessGrams()];
    }

    /** "Simmers 20 min now, as fish stock does; it was 30.": what changed with the liquid, for nobody typed it. */
    public function changedWithLiquid(): string
    {
        return $this->left === '' || $this->left === $this->usualMinutes()
            ? ''
            : Words::text(
                'compose.with_liquid',
                minutes: $this->usualMinutes(),
                liquid: Words::ingredient($this->fields['liquid']),
                was: $this->left,
            );
    }

    /** "2 us quart: 1.89 l. 2 imperial quart are 2.27 l.": which of its name a typed unit is; '' where there is but one. */
    public function whichUnit(): string
    {
        $field = $this->given() === 'covers' ? 'each' : 'amount';

        return $this->numbers->isGiven($field) && $this->errors === []
            ? WhichUnit::says($this->fields[$field], $this->numbers->unit($field), $this->kitchen->measures)
            : '';
    }

    /** "28 cm wide": how the sides of a pan were read where not in mm. */
    public function panRead(): string
    {
        $measure = new PanMeasure(Pan::LEAST_MILLIMETRES);
        $said = [];
        foreach (['diameter', 'height'] as $side) {
            $read = $measure->inMillimetres($this->fields[$side]);
            if ($read !== $this->fields[$side] && is_numeric($read)) {
                $said[] = Words::text('compose.pan_read.' . $side, cm: TypedNumber::plain((float) $read / 10.0));
            }
        }

        return implode(', ', $said);
    }

    /** As long as the kitchen simmers it with this liquid where nobody says otherwise; '' where it is boiled down as far as is said. */
    private function usualMinutes(): string
    {
        $base = Base::tryFrom($this->fields['sauce']);
        $formula = $base === null ? null : $this->kitchen->formula($base);

        return $formula === null || $formula->reduceBy !== null || !$base->hasRoux()
            ? ''
            : (string) $formula->simmerTime($this->fields['liquid'])->inMinutes();
    }

    /** @return list<array{name: string, address: array<string, string>}> half and twice as much */
    public function scaled(): array
    {
        return $this->sheet === null
            ? []
            : Scaled::of(ComposeFields::from(HeaderUtils::parseQuery($this->question)), $this->sheet->question->yield);
    }

    /** The rung the thickness stands on; '' between two. */
    public function rung(): string
    {
        return ThicknessClass::tryFrom($this->fields['thickness'])->value ?? '';
    }

    public function thicknessGrams(): string
    {
        $comes = $this->sheet?->thickness->gramsPerLitre ?? 0.0;
        $asked = ThicknessClass::tryFrom($this->fields['thickness'])?->target()->gramsPerLitre
            ?? TypedNumber::number($this->fields['thickness'])
            ?? $comes;

        return sprintf('%.0F', $this->isHeld() ? $comes : $asked);
    }

    /** @return array<string, string> */
    public function liquids(): array
    {
        $ids = $this->kitchen->liquids(Base::tryFrom($this->fields['sauce']) ?? Base::Veloute);

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /** @return array<string, string> */
    public function fats(): array
    {
        $ids = $this->kitchen->larder()->fatNames();

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /** @return string % of its thickening that a colour leaves */
    public function strength(Colour $colour): string
    {
        return sprintf('%.0F', 100.0 * $colour->shade()->strength());
    }

    /** @return list<array{value: string, name: string, grams: string, film: float}> thick on top */
    public function rungs(): array
    {
        $rungs = array_map(fn(ThicknessClass $class): array => [
            'value' => $class->value,
            'name' => ucfirst(Words::text('thickness.class.' . $class->value)),
            'use' => Words::text('thickness.use.' . $class->value),
            'grams' => sprintf('%.0F', $class->target()->gramsPerLitre),
            'film' => self::film($class->target()->gramsPerLitre),
        ], ThicknessClass::askable());

        return array_reverse($rungs);
    }

    /** What the sheet reckons with where the field was left empty. */
    public function used(string $field): string
    {
        $question = $this->sheet?->question;

        return $question === null ? '' : match ($field) {
            'diameter' => sprintf('%.0F', $question->pan->diameter->inMillimetres()),
            'height' => sprintf('%.0F', $question->pan->height->inMillimetres()),
            'minutes' => sprintf('%.0F', $question->simmerTime->inMinutes()),
            'reduce' => sprintf('%.0F', 100.0 * (1.0 - $this->sheet->end->millilitres() / $this->sheet->start->millilitres())),
            'oven' => sprintf('%.0F', $question->oven->inCelsius()),
            'liquid_salt' => TypedNumber::plain(100.0 * $question->larder->ingredient($question->liquid)->salt),
            default => '',
        };
    }

    /** Sauce in the pot and on the spoon. */
    public function colour(): string
    {
        return $this->sheet === null ? '#f3eada' : SauceColour::of($this->sheet);
    }

    public function rouxMinutes(): string
    {
        $minutes = $this->sheet?->outlook->rouxMinutes;

        return $minutes === null ? Words::text('compose.by_colour') : Bands::minutes($minutes);
    }

    /** "ring 1 at 3 of 5" */
    public function hobSetting(): string
    {
        $hob = $this->kitchen->hobs[(int) $this->fields['hob']] ?? null;
        $heat = $this->sheet->question->heat ?? HobHeat::Medium;

        return $hob === null
            ? Words::text('compose.heats.' . $heat->value)
            : Words::text('compose.hob_setting', level: $hob->setting($heat), levels: $hob->levels);
    }

    /** Whether the ring gives less than was asked for. */
    public function weakHob(): bool
    {
        return $this->sheet !== null
            && $this->sheet->question->heat->value !== $this->fields['heat']
            && $this->fields['heat'] !== ''
            && !$this->stale();
    }

    /** "51–66 g/l in eight pots of ten; could be gratin" */
    public function thickness(): string
    {
        $forecast = $this->sheet?->outlook->thickness;
        if ($forecast === null) {
            return '';
        }
        $could = Bands::couldBe($forecast);

        return Words::text('outlook.eight_in_ten', range: Bands::range($forecast->band->low, $forecast->band->high))
            . ($could === '' ? '' : '; ' . $could);
    }

    /** @return array<string, string> by kind of trouble, in words */
    public function risks(): array
    {
        return $this->sheet === null ? [] : Bands::risks($this->sheet->outlook);
    }

    /** @return list<Amount> what is weighed first: fat, flour or ready roux, and the liquids */
    public function chief(): array
    {
        return array_values(array_filter($this->sheet?->amounts() ?? [], $this->isChief(...)));
    }

    /** The field that an amount of the slip can be changed by; null where it follows from the others. */
    public function fieldOf(Amount $amount): ?string
    {
        $question = $this->sheet?->question;

        return match (true) {
            $question === null => null,
            $amount->ingredient === 'ready-roux' => 'have_roux',
            $amount->when === When::Roux && $amount->ingredient === $question->fat => 'have_fat',
            $amount->when === When::Roux && $amount->ingredient === 'plain-flour' => 'have_flour',
            $amount->when === When::Pour && $amount->ingredient === $question->liquid => 'stock',
            default => null,
        };
    }

    /** "2 litres of velouté that coats: butter 139 g, flour 139 g, chicken stock 1.96 l. 77 min.": for the ear. */
    public function weights(): string
    {
        if ($this->sheet === null || $this->stale()) {
            return '';
        }
        $told = array_map(
            fn(Amount $amount): string => Words::ingredient($amount->ingredient) . ' ' . implode(' ', $this->shown($amount)),
            $this->chief(),
        );

        return $this->heading() . ': ' . implode(', ', $told) . '. ' . $this->minutesInAll() . '.';
    }

    /** The rest in one line: "salt 15 g, white pepper 0.6 g". */
    public function others(): string
    {
        $rest = array_filter($this->sheet?->amounts() ?? [], fn(Amount $amount): bool => !$this->isChief($amount));

        return implode(', ', array_map(fn(Amount $amount): string => $amount->pieces !== null
            ? Pieces::text($amount->pieces, $amount->ingredient)
            : Grams::of($amount->mass)->text() . ' ' . Words::ingredient($amount->ingredient), array_values($rest)));
    }

    /** @return array{0: string, 1: string} number and unit as the scale or jug shows it */
    public function shown(Amount $amount): array
    {
        $text = $amount->when === When::Pour && $amount->volume !== null ? Litres::of($amount->volume) : Grams::of($amount->mass);

        return [$text->number, $text->unit];
    }

    public function kitchen(Amount $amount): string
    {
        return SheetPage::beside($amount, $this->measure);
    }

    public function allergens(): string
    {
        return Allergens::line($this->sheet?->allergens() ?? [], $this->sheet?->readLabel() ?? []);
    }

    public function minutesInAll(): string
    {
        return $this->sheet === null
            ? ''
            : Minutes::text(
                Duration::ofMinutes(array_sum(array_map(static fn($step): float => $step->pace->time->inMinutes(), $this->sheet->steps()))),
            );
    }

    public function handsOn(): string
    {
        return $this->sheet === null
            ? ''
            : Minutes::text(
                Duration::ofMinutes(
                    array_sum(
                        array_map(
                            static fn($step): float => $step->pace->handsOn ? $step->pace->time->inMinutes() : 0.0,
                            $this->sheet->steps(),
                        ),
                    ),
                ),
            );
    }

    /** @return array<string, list<string>> the schools that this sauce leaves open */
    public function schools(): array
    {
        $base = Base::tryFrom($this->fields['sauce']) ?? Base::Veloute;
        $milk = $this->sheet !== null && $this->sheet->question->larder->ingredient($this->sheet->question->liquid)->milkSolids > 0.0;
        $not = [
            ...($milk ? [] : ['milk']),
            ...($this->fields['colour'] === 'white' ? [] : ['cookout']),
            ...($base->hasRoux() ? [] : ['ratio', 'school', 'flour', 'place', 'browned', 'aromatics']),
        ];

        return array_diff_key(Choices::all(), array_flip($not));
    }

    /** @return list<array{part: Dose, typed: string, usual: string}> what else is in the pot, per litre */
    public function parts(): array
    {
        $formula = $this->kitchen->formula(Base::tryFrom($this->fields['sauce']) ?? Base::Veloute);
        $typed = PartsField::typed($this->fields['parts']);

        return array_map(
            static fn(Dose $part): array => [
                'part' => $part,
                'typed' => $typed[$part->ingredient] ?? TypedNumber::plain($part->perLitre),
                'usual' => TypedNumber::plain($part->usual),
            ],
            $formula->parts(),
        );
    }

    /** @return array<string, string> the fields of what is on hand and need not all be used, with their labels */
    public function there(): array
    {
        $fields = [
            'there_fat' => Words::text('compose.there.fat', fat: Words::ingredient($this->fields['fat'])),
            'there_liquid' => Words::text('compose.there.liquid', liquid: Words::ingredient($this->fields['liquid'])),
        ];

        return $this->takesRatio() ? $fields : ['there_liquid' => $fields['there_liquid']];
    }

    /** "180", "6 oz" */
    public function typedThere(string $field): string
    {
        return trim($this->fields[$field] . ' ' . $this->fields[$field . '_unit']);
    }

    /** @return list<array{what: string, amount: string, unit: string, place: string}> what the cook adds of their own */
    public function more(): array
    {
        return MoreField::typed($this->fields['more']);
    }

    /** Two or more questions side by side: this one, and this one otherwise. */
    public function compareAddress(): string
    {
        return route('compare', ['q' => [$this->question, $this->question]]);
    }

    private function isChief(Amount $amount): bool
    {
        return $amount->when === When::Pour
            || $amount->ingredient === 'ready-roux'
            || ($this->sheet !== null
                && $this->sheet->question->given->kind !== GivenKind::ReadyRoux
                && in_array($this->fieldOf($amount), ['have_fat', 'have_flour'], true));
    }

    private static function film(float $grams): float
    {
        $bechamel = ReferenceBechamel::house()->sauce(min($grams, EquivalentFlour::MOST));

        return SpoonTest::of(Flow::of($bechamel, Temperature::ofCelsius(EquivalentFlour::CELSIUS)))->film->inMillimetres();
    }

    public function pot(): ?PotPicture
    {
        return $this->sheet === null ? null : PotPicture::ofSheet($this->sheet, $this->colour());
    }

    /** @return array{for: string, step: string, now: string} the handle on the level of the pot */
    public function levelHandle(): array
    {
        $litres = $this->sheet?->question->yield ?? Volume::ofLitres(1.0);

        return ['for' => 'amount', 'step' => $litres->inLitres() < 2.0 ? '0.05' : '0.1', 'now' => Litres::short($litres)];
    }

    public function spoon(): ?SpoonPicture
    {
        return $this->sheet === null ? null : SpoonPicture::of($this->sheet->flow, $this->sheet->spoon, $this->colour());
    }

    public function stair(): ?StairPicture
    {
        return $this->sheet === null ? null : StairPicture::of($this->sheet->plan(), $this->colour());
    }
}
