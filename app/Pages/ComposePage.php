<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceColour;
use App\Format\Words;
use App\Questions\ComposeFields;
use App\Questions\Fault;
use App\Questions\Typed;
use Lento\Compose\Amount;
use Lento\Compose\Base;
use Lento\Compose\Sheet;
use Lento\Compose\When;
use Lento\Larder\Allergen;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\ReferenceBechamel;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\ThicknessClass;

/** All that Compose prints: what is wanted, the drawings, the weigh-out sheet. */
final readonly class ComposePage
{
    /**
     * @param array<string, string> $fields as typed, the usual written out
     * @param array<string, string> $errors by field
     * @param list<array{name: string, address: array<string, string>}> $kept
     */
    private function __construct(
        public array $fields,
        public string $question,
        public ?Sheet $sheet,
        public array $errors,
        public array $kept,
        private KitchenMeasure $measure,
    ) {}

    /**
     * @param ComposeFields $shown the question the sheet answers: the last good one when the typed one is faulty
     * @param list<Fault> $faults
     * @param list<array{name: string, question: array<string, string>}> $kept
     */
    public static function of(ComposeFields $typed, ComposeFields $shown, ?Sheet $sheet, array $faults, array $kept, MeasureSystem $measures): self
    {
        $errors = [];
        foreach ($faults as $fault) {
            $errors[$fault->field] ??= $fault->message();
        }

        return new self(
            $typed->filled()->fields,
            http_build_query($shown->toAddress()),
            $sheet,
            $errors,
            array_map(static fn(array $one): array => ['name' => $one['name'], 'address' => $one['question']], $kept),
            new KitchenMeasure($measures),
        );
    }

    /** Whether the sheet belongs to an earlier question, because this one cannot be read. */
    public function stale(): bool
    {
        return $this->errors !== [];
    }

    public function heading(): string
    {
        return $this->sheet === null ? Words::text('compose.nothing') : Words::wanted($this->sheet->question);
    }

    public function error(string $field): ?string
    {
        return $this->errors[$field] ?? null;
    }

    /** @return array<string, string> */
    public function sauces(): array
    {
        return array_combine(array_column(Base::cases(), 'value'), array_map(static fn(Base $base): string => mb_convert_case(Words::text('sauces.' . $base->value), MB_CASE_TITLE), Base::cases()));
    }

    /** @return array<string, string> */
    public function liquids(): array
    {
        $ids = (Base::tryFrom($this->fields['sauce']) ?? Base::Veloute)->liquids();

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /** @return list<array{value: string, name: string, grams: string, film: float}> thick on top; a thickness of the cook's own stands among the classes */
    public function rungs(): array
    {
        $rungs = array_map(fn(ThicknessClass $class): array => $this->rung($class->value, ucfirst(Words::text('thickness.class.' . $class->value)), $class->target()->gramsPerLitre), ThicknessClass::askable());
        $own = Typed::number($this->fields['thickness']);
        if ($own !== null && $this->sheet !== null) {
            $rungs[] = $this->rung($this->fields['thickness'], Words::text('compose.own_thickness'), $own);
        }
        usort($rungs, static fn(array $a, array $b): int => $b['film'] <=> $a['film']);

        return $rungs;
    }

    /** @return list<string> the three usual schools, and another one if that is the question's own */
    public function schools(): array
    {
        $own = School::tryFrom($this->fields['school']) ?? School::ColdOnHot;

        return array_values(array_unique([School::ColdOnHot->value, School::HotOnCold->value, School::HotOnHot->value, $own->value]));
    }

    /** What the sheet reckons with where the field was left empty. */
    public function used(string $field): string
    {
        $pan = $this->sheet?->question->pan;

        return $pan === null ? '' : match ($field) {
            'diameter' => sprintf('%.0F', $pan->diameter->inMillimetres()),
            'height' => sprintf('%.0F', $pan->height->inMillimetres()),
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

    /** "51–66 g/l in eight pots of ten; could be gratin" */
    public function thickness(): string
    {
        $forecast = $this->sheet?->outlook->thickness;
        if ($forecast === null) {
            return '';
        }
        $could = Bands::couldBe($forecast);

        return Words::text('outlook.eight_in_ten', range: Bands::range($forecast->band->low, $forecast->band->high)) . ($could === '' ? '' : '; ' . $could);
    }

    /** @return array<string, string> by kind of trouble, in words */
    public function risks(): array
    {
        return $this->sheet === null ? [] : Bands::risks($this->sheet->outlook);
    }

    /** @return list<Amount> the three that are weighed first: fat, flour, liquid */
    public function chief(): array
    {
        return array_values(array_filter($this->sheet->amounts ?? [], fn(Amount $amount): bool => in_array($amount->ingredient, $this->chiefNames(), true)));
    }

    /** The rest in one line: "salt 15 g, white pepper 0.6 g". */
    public function others(): string
    {
        $rest = array_filter($this->sheet->amounts ?? [], fn(Amount $amount): bool => !in_array($amount->ingredient, $this->chiefNames(), true));

        return implode(', ', array_map(fn(Amount $amount): string => $amount->pieces !== null
            ? $this->measure->pieces($amount->pieces, $amount->ingredient)
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
        $spoons = $amount->volume === null ? '' : $this->measure->of($amount->volume);
        $weight = $amount->when === When::Pour ? Grams::of($amount->mass)->text() : '';

        return implode(', ', array_filter([$spoons, $weight], static fn(string $text): bool => $text !== ''));
    }

    public function allergens(): string
    {
        return implode(', ', array_map(static fn(Allergen $allergen): string => Words::text('ingredients.allergens.' . $allergen->value), $this->sheet?->allergens() ?? []));
    }

    public function minutesInAll(): string
    {
        return $this->sheet === null ? '' : Minutes::text(Duration::ofMinutes(array_sum(array_map(static fn($step): float => $step->time->inMinutes(), $this->sheet->steps))));
    }

    public function handsOn(): string
    {
        return $this->sheet === null ? '' : Minutes::text(Duration::ofMinutes(array_sum(array_map(static fn($step): float => $step->handsOn ? $step->time->inMinutes() : 0.0, $this->sheet->steps))));
    }

    /** @return list<string> */
    private function chiefNames(): array
    {
        return $this->sheet === null ? [] : [$this->sheet->question->fat, 'plain-flour', $this->sheet->question->liquid];
    }

    /** @return array{value: string, name: string, grams: string, film: float} */
    private function rung(string $value, string $name, float $grams): array
    {
        $bechamel = ReferenceBechamel::house()->sauce(min($grams, EquivalentFlour::MOST));

        return [
            'value' => $value,
            'name' => $name,
            'grams' => Words::text('units.grams_per_litre', grams: sprintf('%.0F', $grams)),
            'film' => SpoonTest::of(Flow::of($bechamel, Temperature::ofCelsius(EquivalentFlour::CELSIUS)))->film->inMillimetres(),
        ];
    }
}
