<?php

declare(strict_types=1);

namespace Lento\Finish;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Pot\Cooking;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/**
 * One thing stirred in at the end: between which temperatures, what it does to the thickness, and what may go wrong.
 *
 * Source: docs/model.md, G. Mustard and thin or soured dairy have kitchen limits, the rest the laws of Limits.
 */
final readonly class Finishing
{
    /** % fat from which cream may boil. */
    private const BOILS_FROM_PERCENT = 35.0;

    /** °C: soured cream, yoghurt and thin dairy curdle above; mustard turns flat and bitter at the boil. */
    private const THIN_DAIRY_AT_MOST = 80.0;

    private const MUSTARD_AT_MOST = 90.0;

    /** °C that are advised at most, whatever the starch protects: 75 to 82 is wanted of a yolk, and hard cheese melts well below. */
    private const YOLK_ADVISED = 85.0;

    private const HARD_CHEESE_ADVISED = 80.0;

    /** °C at which a cook finishes off the boil; yolk is brought to its own. Source: trade custom. */
    private const OFF_THE_BOIL = 75.0;

    private const YOLK_SETS = 80.0;

    private const HARD_CHEESES = ['hard-cheese', 'grating-cheese'];

    /**
     * @param Temperature|null $atLeast where it does its work from; null where it needs no heat
     * @param Temperature|null $atMost null where it may boil
     * @param Mass $floats fat that the sauce does not carry
     * @param float $curdlingRank 0 to 1
     */
    private function __construct(
        public Ingredient|Fat $what,
        public ?Temperature $atLeast,
        public ?Temperature $atMost,
        public bool $tooHot,
        public bool $tooCold,
        public EquivalentFlour $before,
        public EquivalentFlour $after,
        public float $curdlingRank,
        public Mass $floats,
        public Sauce $sauce,
        private Mass $mass,
    ) {}

    /** @param Temperature $at of the sauce when it goes in */
    public static function of(Sauce $sauce, Ingredient|Fat $kind, Mass $mass, Temperature $at): self
    {
        $limits = Limits::of($sauce);
        $floats = $kind instanceof Fat
            ? Mass::ofGrams(max(0.0, $mass->inGrams() - $limits->butterCarriedBy($sauce->mass())->inGrams()))
            : Mass::ofGrams(0.0);
        $finished = $kind instanceof Fat ? $sauce->mounted($kind, $mass, $floats) : self::stirredIn($sauce, $kind, $mass, $at);
        [$atLeast, $atMost] = self::between($limits, $kind);

        return new self(
            $kind,
            $atLeast,
            $atMost,
            $atMost !== null && $at->kelvin > $atMost->kelvin + 1e-9,
            $atLeast !== null && $at->kelvin < $atLeast->kelvin - 1e-9,
            EquivalentFlour::of($sauce),
            EquivalentFlour::of($finished),
            Curdling::risk(
                $finished,
                $at,
                $kind instanceof Ingredient && $kind->milkSolids > 0.0 ? 100.0 * $kind->fat : $sauce->creamFatPercent(),
            ),
            $floats,
            $finished,
            $mass,
        );
    }

    /** What went in, by itself: as it joins any sauce that is as hot. */
    public function alone(): Sauce
    {
        if ($this->what instanceof Fat) {
            return Sauce::nothing()->mounted($this->what, $this->mass, $this->floats);
        }
        $alone = Sauce::nothing()->with($this->what, $this->mass);

        return $alone->yolkGrams > 0.0
            ? $alone->cooked($alone->waterGrams, $alone->alcoholGrams, $this->sauce->yolkSet, $alone->starch)
            : $alone;
    }

    /** Of the sauce when a cook stirs it in. */
    public static function usualTemperature(Ingredient|Fat $kind): Temperature
    {
        return Temperature::ofCelsius($kind instanceof Ingredient && $kind->role === Role::Egg ? self::YOLK_SETS : self::OFF_THE_BOIL);
    }

    public function curdlingRisk(): Risk
    {
        return Risk::of($this->curdlingRank);
    }

    /** @internal the same without its limits: yolk thickens as far as its heat sets it */
    public static function stirredIn(Sauce $sauce, Ingredient $kind, Mass $mass, Temperature $at): Sauce
    {
        $with = $sauce->with($kind, $mass);

        return $with->yolkGrams > 0.0
            ? $with->cooked(
                $with->waterGrams,
                $with->alcoholGrams,
                max($with->yolkSet, Cooking::yolkSetAt($at->inCelsius())),
                $with->starch,
            )
            : $with;
    }

    /** @return array{Temperature|null, Temperature|null} */
    private static function between(Limits $limits, Ingredient|Fat $kind): array
    {
        if ($kind instanceof Fat) {
            return [null, $limits->butterAtMost()];
        }

        return match (true) {
            $kind->role === Role::Egg => [
                $limits->yolkThickensFrom(),
                self::advised($limits->yolkCurdlesAbove(), self::YOLK_ADVISED),
            ],
            $kind->role === Role::Cheese => [
                null,
                in_array($kind->id, self::HARD_CHEESES, true)
                    ? self::advised($limits->hardCheeseAtMost(), self::HARD_CHEESE_ADVISED)
                    : $limits->youngCheeseAtMost(),
            ],
            $kind->role === Role::Mustard => [null, Temperature::ofCelsius(self::MUSTARD_AT_MOST)],
            $kind->milkSolids > 0.0 && 100.0 * $kind->fat < self::BOILS_FROM_PERCENT => [
                null,
                Temperature::ofCelsius(self::THIN_DAIRY_AT_MOST),
            ],
            default => [null, null],
        };
    }

    /** Where it fails is one thing, how far a cook is sent another. */
    private static function advised(Temperature $fails, float $celsius): Temperature
    {
        return Temperature::ofCelsius(min($fails->inCelsius(), $celsius));
    }
}
