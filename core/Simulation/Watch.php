<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Pot\Scorch;
use Lento\Quantity\Duration;
use Lento\Roux\BaseFilm;
use Lento\Roux\HeatedPaste;
use Lento\Roux\Shade;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/** Looks at a simulated pot: what there is to see, and what is going wrong. */
final readonly class Watch
{
    /** Ranks from which a trouble is called. */
    private const CATCHES = 0.5;

    private const BURNS = 0.5;

    /** Water, as a share of what is dissolved in it, below which a sauce has boiled dry. */
    private const DRY = 0.2;

    public function __construct(private HeatedPan $vessel) {}

    public function see(PotState $state, Setting $setting, int $seconds): TracePoint
    {
        return new TracePoint(Duration::ofSeconds((float) $seconds), $state, $setting, $this->vessel);
    }

    /** @return list<Mishap> */
    public function troubles(PotState $state, Setting $setting): array
    {
        $paste = $state->paste;
        if ($paste !== null) {
            $burns = $paste->hasFlour() && ($paste->shade()->value >= Shade::BURNT || $this->speckRank($state, $setting) >= self::BURNS);

            return [
                ...$state->celsius > $paste->smokesAt ? [Mishap::Smokes] : [],
                ...$burns ? [Mishap::Burns] : [],
                ...$this->runsOver($paste->asSauce()) ? [Mishap::RunsOver] : [],
            ];
        }
        $sauce = $state->sauce;
        $dry = $sauce->waterGrams < self::DRY * ($sauce->solidsGrams + $sauce->fatGrams);

        return [
            ...$this->scorchRank($state, $setting) >= self::CATCHES ? [Mishap::Catches] : [],
            ...$this->runsOver($sauce) ? [Mishap::RunsOver] : [],
            ...$sauce->grams() > 0.0 && $dry ? [Mishap::BoilsDry] : [],
        ];
    }

    private function runsOver(Sauce $content): bool
    {
        return $content->grams() > 0.0 && $this->vessel->pan->fill($content->volume()) > 1.0;
    }

    /** @return float 0 to 1, of burnt specks in a paste */
    public function speckRank(PotState $state, Setting $setting): float
    {
        return $state->paste !== null && $state->paste->hasFlour() ? BaseFilm::speckRiskAt($this->filmCelsius($state, $setting)) : 0.0;
    }

    /** °C next to the metal while it is a paste; the paste's own in an oven or off the heat. */
    private function filmCelsius(PotState $state, Setting $setting): float
    {
        $heating = $setting->heating;
        if ($state->paste === null || $heating->flux() <= 0.0) {
            return $state->celsius;
        }
        $flux = HeatedPaste::fluxLetIn(
            $state->celsius,
            $this->vessel->flux($heating),
            $this->vessel->held($heating),
        );

        return BaseFilm::celsius($state->celsius, $flux, $setting->stirring);
    }

    /** @return float 0 to 1, of catching on the floor */
    public function scorchRank(PotState $state, Setting $setting): float
    {
        if ($state->paste !== null || $state->sauce->grams() <= 0.0) {
            return 0.0;
        }
        $heating = $setting->heating;
        $holding
            = $heating->simmer !== null && $state->celsius >= min($heating->simmer->celsius(), $this->vessel->boilsAt->inCelsius()) - 0.5;
        $flux = $heating->simmer !== null && $holding ? $heating->simmer->heatFlux() : $this->vessel->flux($heating);
        if ($flux <= 0.0) {
            return 0.0;
        }
        $sauce = $state->sauce;
        $thickness = $sauce->apparentWith(
            $sauce->waterGrams,
            $sauce->alcoholGrams,
            $sauce->starch->thickeningGrams(),
            $sauce->yolkSet,
            Flow::warmth($state->celsius),
            Flow::waterViscosity($state->celsius),
        );

        return Scorch::rankAt(
            Scorch::wallCelsius($state->celsius, $thickness, $flux, $setting->stirring, $this->vessel->base),
            $state->sauce->dairy(),
            $state->sauce->pH(),
        );
    }
}
