<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Finish\Curdling;
use Lento\Finish\Finishing;
use Lento\Finish\Limits;
use Lento\Larder\Allergen;
use Lento\Larder\Fat;
use Lento\Larder\Larder;
use Lento\Plan\Plan;
use Lento\Pot\Pan;
use Lento\Procedure\ActKind;
use Lento\Procedure\HandTime;
use Lento\Procedure\Worked;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\ThicknessClass;

/** A derivative worked out: the acts with their amounts, the sauce that comes out, and all that a cook asks about it. */
final readonly class Derived
{
    /** °C of a sauce on the pass. */
    private const SERVED = 75.0;

    public Pan $pan;

    /** @var list<Worked> */
    public array $acts;

    public ?Correction $correction;

    public Sauce $stands;

    public float $keeps;

    public Sauce $uncorrected;

    public Sauce $sauce;

    public Sauce $pieces;

    /**
     * @internal made by Deriving
     */
    public function __construct(
        public Derivative $derivative,
        public Stem $taken,
        Work $work,
        Yielded $yielded,
        public MassBooks $books,
        private Larder $larder,
    ) {
        $this->pan = $work->pan;
        $this->acts = $work->acts;
        $this->correction = $work->correction;
        $this->stands = $yielded->stands;
        $this->keeps = $yielded->keeps;
        $this->uncorrected = $yielded->uncorrected;
        $this->sauce = $yielded->sauce;
        $this->pieces = $yielded->pieces;
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres($this->sauce->millilitres() + $this->pieces->millilitres());
    }

    public function thickness(): EquivalentFlour
    {
        return EquivalentFlour::of($this->sauce);
    }

    public function isInItsClass(): bool
    {
        return $this->thickness()->thicknessClass() === $this->derivative->class;
    }

    public function spoon(): SpoonTest
    {
        return SpoonTest::of(Flow::of($this->sauce, Temperature::ofCelsius(EquivalentFlour::CELSIUS)));
    }

    /** @return float % of all that is served, pieces included */
    public function saltPercent(): float
    {
        $grams = $this->sauce->grams() + $this->pieces->grams();

        return $grams > 0.0 ? 100.0 * ($this->sauce->saltGrams + $this->pieces->saltGrams) / $grams : 0.0;
    }

    /** @return float % of salt when what its steps add is in it */
    public function seasonedPercent(): float
    {
        return $this->saltToAdd()->kilograms > 0.0 ? 100.0 * $this->taken->saltShare : $this->saltPercent();
    }

    /** What brings it to the salt that its base is salted to; nothing where the base has brought enough. */
    public function saltToAdd(): Mass
    {
        $share = $this->taken->saltShare;
        $grams = $this->sauce->grams() + $this->pieces->grams();

        return Mass::ofGrams(max(0.0, ($share * $grams - $this->sauce->saltGrams - $this->pieces->saltGrams) / (1.0 - $share)));
    }

    /** @return float % of its mass that is alcohol still */
    public function alcoholPercent(): float
    {
        return $this->sauce->grams() > 0.0 ? 100.0 * $this->sauce->alcoholGrams / $this->sauce->grams() : 0.0;
    }

    public function curdling(): Risk
    {
        $ranks = array_map(
            static fn(Finishing $one): float => $one->curdlingRank,
            array_merge(...array_map(static fn(Worked $act): array => $act->finishings, $this->acts)),
        );

        return Risk::of(
            max([Curdling::risk($this->sauce, Temperature::ofCelsius(self::SERVED), $this->sauce->creamFatPercent()), ...$ranks]),
        );
    }

    /** Butter that it could still carry, beyond what was mounted. */
    public function carriesMoreButter(): Mass
    {
        return Mass::ofGrams(max(0.0, Limits::of($this->sauce)->butterCarriedBy($this->sauce->mass())->inGrams() - $this->mounted()));
    }

    /** What it may not get hotter than again: what went in keeps its limit, and what its base was made with. */
    public function keepBelow(): ?Temperature
    {
        return Worked::strictest([
            $this->taken->carries->keepBelow,
            ...array_map(
                static fn(Worked $act): ?Temperature
                    => $act->act->kind->finishes() || $act->act->atMost !== null ? $act->atMost() : null,
                $this->acts,
            ),
        ]);
    }

    /** About how long from the ladle to the pass. */
    public function time(): Duration
    {
        $minutes = HandTime::ladling($this->taken->volume())->inMinutes() + ($this->correction?->time->inMinutes() ?? 0.0);
        foreach ($this->acts as $act) {
            $minutes += $act->time->inMinutes();
        }

        return Duration::ofMinutes($minutes);
    }

    /** @return list<Allergen> each once, with those of the base it was taken from */
    public function allergens(): array
    {
        return Allergen::among(
            $this->taken->carries->allergens,
            $this->derivative->allergens($this->larder),
            $this->correction?->allergens($this->taken) ?? [],
        );
    }

    /** @return list<Allergen> that something bought in it may hold, by its label, and nothing certainly does */
    public function readLabel(): array
    {
        return Allergen::besides($this->allergens(), $this->taken->carries->readLabel, $this->derivative->readLabel($this->larder));
    }

    /** What others can be made from in turn. */
    public function stem(): Stem
    {
        return new Stem(
            $this->sauce,
            $this->pieces,
            $this->taken->liquid,
            new Carries($this->allergens(), $this->readLabel(), $this->keepBelow()),
            $this->taken->saltShare,
        );
    }

    /** What is kept of it when its pot is put on. */
    public function plan(Base $root, Workplace $workplace): Plan
    {
        return PlanOfDerived::of($this, $root, $workplace);
    }

    /** @return ThicknessClass of what its base alone would make */
    public function classUncorrected(): ThicknessClass
    {
        return EquivalentFlour::of($this->uncorrected)->thicknessClass();
    }

    private function mounted(): float
    {
        $grams = 0.0;
        foreach ($this->acts as $act) {
            foreach ($act->doses as $dosed) {
                $grams += $act->act->kind === ActKind::WhiskIn && $dosed->kind instanceof Fat ? $dosed->mass->inGrams() : 0.0;
            }
        }

        return $grams;
    }
}
