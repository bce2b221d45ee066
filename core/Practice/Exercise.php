<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\Missing;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Plan\Amount;
use Lento\Plan\Cooking;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Procedure\Vessel;
use Lento\Simulation\HeatedPan;

/** What is practised: a sauce by its sheet, in a kitchen that has its own ways. */
final readonly class Exercise
{
    /** Steps that a cook stands at; the others are done as they are written, by one tap. */
    private const STOOD = [
        StepKind::Melt,
        StepKind::Flour,
        StepKind::Colour,
        StepKind::LetDown,
        StepKind::Pour,
        StepKind::Boil,
        StepKind::Skim,
        StepKind::Simmer,
        StepKind::Reduce,
        StepKind::Season,
        StepKind::StirIn,
        StepKind::Enrich,
        StepKind::Test,
    ];

    public const SALT = 'salt';

    private const OF_A_ROUX = [StepKind::Melt, StepKind::Flour, StepKind::Colour, StepKind::LetDown, StepKind::Pour];

    private function __construct(public Plan $plan, public Cooking $cooking, public Larder $larder, public Quirks $quirks) {}

    /** @throws Missing if nothing can be foreseen of this plan */
    public static function of(Plan $plan, Larder $larder, ?Quirks $quirks = null): self
    {
        return new self($plan, $plan->cooking ?? throw Missing::from('plan', 'cooking'), $larder, $quirks ?? Quirks::none());
    }

    public function in(Quirks $quirks): self
    {
        return new self($this->plan, $this->cooking, $this->larder, $quirks);
    }

    /** The pan, on its ring, in that kitchen. */
    public function vessel(): HeatedPan
    {
        $place = $this->cooking->place;

        return $this->quirks->vessel(HeatedPan::of($place->pan, boilsAt: $place->boilsAt, kitchen: $place->kitchen));
    }

    /** What was reckoned with, where the liquid is the one that stands there. */
    public function thatCooking(): Cooking
    {
        $liquid = $this->quirks->of($this->cooking->liquid);
        $known = $this->cooking;

        return $liquid instanceof Ingredient && $liquid !== $known->liquid
            ? Cooking::of($known->place, $known->sauces, $known->ways, $liquid, $known->perGram, $known->roux)
            : $known;
    }

    public function step(int $at): ?Step
    {
        return $this->plan->steps[$at] ?? null;
    }

    /** Whether a cook stands at it; else one tap does it as it is written. */
    public function isStood(Step $step): bool
    {
        $roux = $this->cooking->roux;
        if (in_array($step->kind, self::OF_A_ROUX, true)) {
            // Baked, ready made, or in pieces into the pot: there is no paste here to pour onto.
            return $roux !== null
                && $roux->watched
                && ($step->kind !== StepKind::Pour || $step->additions === [] || $step->additions[0]->amount->byTheJug);
        }

        return in_array($step->kind, self::STOOD, true) && $step->conditions->vessel === Vessel::Pan;
    }

    /** What goes by a name here; null where this sauce takes none of it. */
    public function what(string $id): Thickener|Fat|Ingredient|null
    {
        if ($id === $this->cooking->liquid->id) {
            return $this->quirks->of($this->cooking->liquid);
        }

        return $this->takes($id) && $this->larder->has($id) ? $this->quirks->of($this->larder->any($id)) : null;
    }

    public function takes(string $id): bool
    {
        return $id === self::SALT
            || $id === $this->cooking->liquid->id
            || array_filter($this->plan->amounts(), static fn(Amount $amount): bool => $amount->ingredient === $id) !== [];
    }

    /** @return list<Quirk> those that this sauce would notice */
    public function possible(): array
    {
        $roux = $this->cooking->roux?->watched === true;
        $stock = $this->cooking->liquid->role === Role::Liquid;
        $milk = $this->cooking->liquid->milkSolids > 0.0;
        $butter = $roux && $this->cooking->roux->roux->fatKind->water > 0.0;

        return array_values(array_filter(Quirk::cases(), static fn(Quirk $quirk): bool => match ($quirk) {
            Quirk::RingHot, Quirk::StirredLate, Quirk::FlourWeak => $roux,
            Quirk::StockSalty, Quirk::StockJellied => $stock && !$milk,
            Quirk::LiquidCold => $roux,
            Quirk::ButterWet => $butter,
            Quirk::PanWide, Quirk::PanNarrow => true,
        }));
    }
}
