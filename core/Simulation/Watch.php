<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Pot\Scorch;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\BaseFilm;
use Lento\Roux\HeatedPaste;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;

/** Looks at a simulated pot: what there is to see, and what is going wrong. */
final readonly class Watch
{
    /** Ranks from which a trouble is called. */
    private const CATCHES = 0.5;

    private const BURNS = 0.5;

    public function __construct(private HeatedPan $vessel) {}

    public function see(PotState $state, Setting $setting, int $seconds): TracePoint
    {
        $content = $state->content();
        $paste = $state->paste;

        return new TracePoint(
            Duration::ofSeconds((float) $seconds),
            Temperature::ofCelsius($state->celsius),
            $state->shade,
            new Contents(
                $content->mass(),
                $content->volume(),
                $this->vessel->pan->depth($content->volume()),
                Mass::ofGrams(max(0.0, $state->ledger->steam)),
                $paste === null ? $content->freeFat() : Mass::ofGrams(0.0),
            ),
            new Body($paste === null ? EquivalentFlour::of($content) : null, $content->starch->rawTaste, $content->starch->gelatinised),
            new Ranks(1.0 - $state->smooth, $this->speckRank($state, $setting), $this->scorchRank($state, $setting)),
        );
    }

    /** @return list<Mishap> */
    public function troubles(PotState $state, Setting $setting): array
    {
        $paste = $state->paste;
        $film = $this->filmCelsius($state, $setting);
        $content = $state->content();

        return array_map(
            Mishap::from(...),
            array_keys(
                array_filter([
                    Mishap::Smokes->value => $paste !== null && $state->celsius > $paste->smokesAt,
                    Mishap::Burns->value
                        => $paste !== null
                        && $paste->hasFlour()
                        && ($paste->shade()->value >= Shade::BURNT || BaseFilm::speckRiskAt($film) >= self::BURNS),
                    Mishap::Catches->value => $this->scorchRank($state, $setting) >= self::CATCHES,
                    Mishap::RunsOver->value => $content->grams() > 0.0 && $this->vessel->pan->fill($content->volume()) > 1.0,
                    Mishap::BoilsDry->value
                        => $paste === null
                        && $content->grams() > 0.0
                        && $content->waterGrams < 0.2 * ($content->solidsGrams + $content->fatGrams),
                ]),
            ),
        );
    }

    private function speckRank(PotState $state, Setting $setting): float
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
            $heating->flux(),
            $heating->hob?->heldCelsius() ?? ($heating->simmer?->celsius() ?? 0.0),
        );

        return BaseFilm::celsius($state->celsius, $flux, $setting->stirring);
    }

    private function scorchRank(PotState $state, Setting $setting): float
    {
        if ($state->paste !== null || $state->sauce->grams() <= 0.0) {
            return 0.0;
        }
        $heating = $setting->heating;
        $holding
            = $heating->simmer !== null && $state->celsius >= min($heating->simmer->celsius(), $this->vessel->boilsAt->inCelsius()) - 0.5;
        $flux = $heating->simmer !== null && $holding ? $heating->simmer->heatFlux() : $heating->flux();
        if ($flux <= 0.0) {
            return 0.0;
        }
        $thickness = Flow::at($state->sauce, $state->celsius)->pascalSeconds(EquivalentFlour::SHEAR);

        return Scorch::rankAt(
            Scorch::wallCelsius($state->celsius, $thickness, $flux, $setting->stirring, $this->vessel->base),
            $state->sauce->dairy(),
            $state->sauce->pH(),
        );
    }
}
