<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\KitchenWorkplace;
use App\Family\Liquids;
use App\Format\ActWords;
use App\Format\Allergens;
use App\Format\Grams;
use App\Format\HotBand;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceNames;
use App\Format\Words;
use App\Formats\RecipeOut;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnSauce;
use App\Typed\FieldFault;
use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Family\Derived;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** One sauce of the catalogue: what it is, what it is made of, how it is done, and what it is when it is done. */
final readonly class SaucePage
{
    public SauceNames $names;

    public string $sauce;

    public string $liquid;

    public string $litres;

    public ?FieldFault $fault;

    public function __construct(
        SauceAsked $asked,
        public ?ServiceFlow $flow,
        public string $refusal,
        public Kitchen $kitchen,
        public Catalogue $catalogue,
    ) {
        $this->sauce = $asked->sauce;
        $this->liquid = $asked->liquid;
        $this->litres = $asked->litres;
        $this->fault = $asked->fault;
        $this->names = new SauceNames($kitchen);
    }

    public function name(): string
    {
        return $this->names->name($this->sauce, $this->liquid);
    }

    public function isBase(): bool
    {
        return Base::tryFrom($this->sauce) !== null;
    }

    /** @return list<string> from the base down to it */
    public function lineage(): array
    {
        return $this->catalogue->lineage($this->sauce);
    }

    /** @return list<string> */
    public function children(): array
    {
        return $this->catalogue->childrenOf($this->sauce);
    }

    /** @return array<string, string> */
    public function liquids(): array
    {
        $ids = Liquids::of($this->sauce, $this->catalogue, $this->kitchen);

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    public function node(): ?FlowNode
    {
        $wished = $this->flow->wished[0] ?? null;

        return $wished === null || $this->flow === null ? null : $this->flow->node($wished);
    }

    public function derived(): ?Derived
    {
        $derived = $this->node()?->derived;

        return $derived === null || $derived->acts === [] ? null : $derived;
    }

    /** "1.70 l fish velouté" */
    public function takes(): string
    {
        $node = $this->node();
        $parent = $node === null ? null : $this->flow?->parentOf($node);

        return $node === null || $parent === null || $node->derived === null
            ? ''
            : Litres::of($node->derived->taken->volume())->text() . ' ' . $this->names->within($parent->planned->sauce, $this->liquid);
    }

    /** @return list<array{title: string, cue: string, caution: string, minutes: string}> */
    public function steps(): array
    {
        $derived = $this->derived();
        if ($derived === null) {
            return [];
        }
        $plan = $derived->plan($this->catalogue->root($this->sauce), (new KitchenWorkplace($this->kitchen))->workplace());

        return StepsOnPaper::of($plan);
    }

    /** @return array<string, string> what it is when it is done, by name */
    public function facts(): array
    {
        $derived = $this->derived();
        if ($derived === null) {
            return [];
        }
        $salt = $derived->saltToAdd();
        $keep = $derived->keepBelow();
        $float = $derived->sauce->freeFat();
        $facts = [
            'class' => Words::text(
                'family.in_class',
                class: Words::text('thickness.class.' . $derived->thickness()->thicknessClass()->value),
                ef: sprintf('%.0F', $derived->thickness()->gramsPerLitre),
            ),
            'time' => Minutes::text($derived->time()),
            'pan' => Words::text('family.scale.pan_of', cm: sprintf('%.0F', $derived->pan->diameter->inCentimetres())),
            'salt'
                => $salt->inGrams() < 0.05
                    ? sprintf('%.2F %%', $derived->saltPercent())
                    : Words::text(
                        'family.fact_salt_add',
                        percent: sprintf('%.2F', 100.0 * $derived->taken->saltShare),
                        amount: Grams::of($salt)->text(),
                    ),
            'ph' => sprintf('%.1F', $derived->sauce->pH()),
            'curdling' => Words::text('outlook.risk.' . $derived->curdling()->value),
            'alcohol'
                => $derived->alcoholPercent() < 0.005
                    ? Words::text('family.fact_none')
                    : Words::text('family.fact_alcohol', percent: sprintf('%.2F', $derived->alcoholPercent())),
            'fat' => $float->inGrams() < 0.5 ? Words::text('family.fact_none') : Grams::of($float)->text(),
            'butter' => Grams::of($derived->carriesMoreButter())->text(),
            'keep' => HotBand::text($keep, $this->kitchen->foodSafety()),
        ];

        return array_combine(array_map(static fn(string $name): string => Words::text('family.fact.' . $name), array_keys($facts)), $facts);
    }

    /** @return string '' where nothing is worked out */
    public function allergens(): string
    {
        $node = $this->node();

        return $node === null ? '' : Allergens::line($node->allergens(), $node->readLabel());
    }

    /** The same for other programs; null where nothing is worked out, or its base's sheet has it. */
    public function recipe(): ?RecipeOut
    {
        $derived = $this->derived();

        return $derived === null ? null : RecipeOut::named(
            $this->name(),
            $derived->plan($this->catalogue->root($this->sauce), (new KitchenWorkplace($this->kitchen))->workplace()),
            $this->allergens(),
        );
    }

    /** @return array<string, string> what it is asked with */
    public function asked(): array
    {
        return ['sauce' => $this->sauce, 'litres' => $this->litres, 'liquid' => $this->liquid];
    }

    /** @return array<string, string> the question its base's sheet answers */
    public function baseQuestion(): array
    {
        foreach ($this->flow?->bases() ?? [] as $node) {
            $sheet = $node->sheet;
            if (
                $sheet !== null
                && ($this->isBase()
                    ? $node->planned->sauce === $this->sauce
                    : $this->catalogue->root($this->sauce)->value === $node->planned->sauce)
            ) {
                return (new KitchenWorkplace($this->kitchen))
                    ->fields(
                        $sheet->question->base,
                        $sheet->question->liquid,
                        $sheet->question->yield,
                        $sheet->question->thickness,
                        $sheet->question->pan,
                    )
                    ->toAddress();
            }
        }

        return [];
    }

    public function derivative(): ?Derivative
    {
        return $this->isBase() ? null : $this->catalogue->derivative($this->sauce);
    }

    /** @return list<array{Dose, string}> what can be changed of it, with the house's amount where it is the kitchen's own */
    public function doses(): array
    {
        $derivative = $this->derivative();
        if ($derivative === null) {
            return [];
        }
        $house = [];
        foreach (($this->catalogue->derivatives()[$derivative->basedOn] ?? null)?->doses() ?? [] as $dose) {
            $house[$dose->ingredient] = TypedNumber::plain($dose->perLitre);
        }

        return array_map(
            static fn(Dose $dose): array => [$dose, $house[$dose->ingredient] ?? ''],
            array_values(
                array_filter(
                    $derivative->doses(),
                    fn(Dose $dose): bool => $dose->fate !== Fate::Flavours && !isset($this->more()[$dose->ingredient]),
                ),
            ),
        );
    }

    public function usualClass(): ThicknessClass
    {
        return $this->derivative()->class ?? $this->kitchen->formula(Base::from($this->sauce))->thickness->thicknessClass();
    }

    public function own(): ?OwnSauce
    {
        return $this->names->own($this->sauce);
    }

    /** @return array<string, float> what the kitchen stirs in besides, g per litre */
    public function more(): array
    {
        return PartsField::read($this->own()->more ?? '');
    }

    /** @return list<ThicknessClass> */
    public function classes(): array
    {
        return ThicknessClass::askable();
    }

    public function caution(): string
    {
        $derived = $this->derived();
        foreach ($derived->acts ?? [] as $done) {
            $caution = ActWords::of($done)->caution();
            if ($caution !== '') {
                return $caution;
            }
        }

        return '';
    }
}
