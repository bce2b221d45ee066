<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Heat\HobHeat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** A pot in trouble: what is in it now, what it was meant to be, and what it stands in. */
final readonly class Patient
{
    private const MOST_PORTIONS = 20;

    public Sauce $sauce;

    public Temperature $temperature;

    public Condition $condition;

    public EquivalentFlour $target;

    public float $saltPercent;

    public ?Roux $roux;

    public ?Shade $shade;

    public Pan $pan;

    public Simmer $simmer;

    public Ingredient $liquid;

    public Larder $larder;

    public function __construct(
        InThePot $now,
        Meant $meant,
        StandsIn $stands,
    ) {
        $this->sauce = $now->sauce;
        $this->temperature = $now->temperature;
        $this->condition = $now->condition;
        $this->target = $meant->target;
        $this->saltPercent = $meant->saltPercent;
        $this->roux = $meant->roux;
        $this->shade = $meant->shade;
        $this->pan = $stands->pan;
        $this->simmer = $stands->simmer;
        $this->liquid = $stands->liquid;
        $this->larder = $stands->larder;
    }

    /**
     * The same pot with what the cook sees taken for true: believed right and said to be too thick, it is too thick by as much as an eye
     * notices.
     */
    public function showing(Fault $fault): self
    {
        $sauce = $this->sauce;
        $grams = EquivalentFlour::of($sauce)->gramsPerLitre;
        $starch = $sauce->starch;
        $severity = $this->condition->severity;

        return match ($fault) {
            Fault::TooThick, Fault::SetSolid => $grams <= 0.0
                ? $this
                : $this->holding($sauce->strengthened(max(1.0, ($severity->thick() * $this->target->gramsPerLitre) / $grams))),
            Fault::TooThin => $grams <= 0.0
                ? $this
                : $this->holding($sauce->strengthened(min(1.0, ($severity->thin() * $this->target->gramsPerLitre) / $grams))),
            Fault::TooSalty => $this->holding(
                $sauce->salted(
                    Mass::ofGrams(max($sauce->saltGrams, (($severity->salty() * $this->saltPercent) / 100.0) * $sauce->grams())),
                ),
            ),
            Fault::RawFlour, Fault::Pasty => $this->holding(
                $sauce->cooked(
                    $sauce->waterGrams,
                    $sauce->alcoholGrams,
                    $sauce->yolkSet,
                    $starch->cooked(
                        $starch->gelatinised,
                        $starch->acidLeft,
                        $starch->simmeredMinutes,
                        max($starch->rawTaste, $severity->raw()),
                    ),
                ),
            ),
            Fault::FatFilm => $this->holding($this->withFilm($sauce)),
            default => $this,
        };
    }

    /** With as much more fat as it takes until some floats that an eye would see. */
    private function withFilm(Sauce $sauce): Sauce
    {
        $butter = $this->larder->fat('butter');
        $portion = Mass::ofGrams($this->condition->severity->fat() * $sauce->grams());
        for ($portions = 0; $portions < self::MOST_PORTIONS && $sauce->freeFat()->kilograms < $portion->kilograms; $portions++) {
            $sauce = $sauce->withFat($butter, $portion);
        }

        return $sauce;
    }

    private function holding(Sauce $sauce): self
    {
        return new self(
            new InThePot($sauce, $this->temperature, $this->condition),
            new Meant($this->target, $this->saltPercent, $this->roux, $this->shade),
            new StandsIn($this->pan, $this->simmer, $this->liquid, $this->larder),
        );
    }

    /** How long this pan takes to its boil, on a brisk flame. */
    public function hob(): TimeToBoil
    {
        return new TimeToBoil($this->pan, HobHeat::MediumHigh->flux());
    }
}
