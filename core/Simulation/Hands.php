<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Finish\Finishing;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Pot\Straining;
use Lento\Pour\Lumping;
use Lento\Pour\Steam;
use Lento\Pour\Tool;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Rescue\Skimming;
use Lento\Risk\Risk;
use Lento\Thickness\Sauce;

/** Does to a simulated pot what a cook does: adds, pours, skims, ladles, strains, turns the heat. */
final readonly class Hands
{
    /** °C up to which a mixture can get; the heat beyond goes into steam. */
    private const BOIL = 100.0;

    /** °C from which a sauce is finished rather than built: below, milk is just cold milk. */
    private const FINISHING_FROM = 60.0;

    public function __construct(private HeatedPan $vessel) {}

    /** @return array{PotState, Setting, list<array{Mishap, string}>} */
    public function do(Action $action, PotState $state, Setting $setting): array
    {
        return match ($action->kind) {
            ActionKind::Add => $this->added($action, $state, $setting),
            ActionKind::Heat => [$state, $setting->heated($action->heating ?? Heating::off()), []],
            ActionKind::Lid => [$state, $action->lid === null ? $setting : $setting->lidded($action->lid), []],
            ActionKind::Stir => [$state, $setting->stirred($action->stirring), []],
            ActionKind::Skim => [$this->skimmed($state), $setting, []],
            ActionKind::Ladle => [$this->ladled($state, $action->volume?->inMillilitres() ?? 0.0), $setting, []],
            ActionKind::Strain => [$this->strained($state), $setting, []],
        };
    }

    /** @return array{PotState, Setting, list<array{Mishap, string}>} */
    private function added(Action $action, PotState $state, Setting $setting): array
    {
        [$what, $mass] = [$action->what, $action->mass ?? Mass::ofGrams(0.0)];
        $celsius = $action->temperature?->inCelsius() ?? PanHeat::AMBIENT;

        return match (true) {
            $what === null => [$state, $setting, []],
            $what instanceof Ingredient && $what->role === Role::Vegetable => [$state->withVegetables($mass->inGrams()), $setting, []],
            $what instanceof Ingredient && $state->paste !== null => $this->poured($state, $state->paste, $what, $mass, $celsius, $setting),
            $state->paste !== null => [$this->intoPaste($state, $state->paste, $what, $mass, $celsius), $setting, []],
            default => $this->intoSauce($state, $what, $mass, $celsius, $setting),
        };
    }

    private function intoPaste(PotState $state, Paste $paste, Thickener|Fat $what, Mass $mass, float $celsius): PotState
    {
        $more = $what instanceof Fat
            ? $paste->withFat($what, $mass)
            : $paste->withFlour($what, $mass, $this->vessel->kitchen->flourStrength->value);
        $mixed = $this->meeting($paste->heatCapacity(), $state->celsius, $more->heatCapacity(), $celsius);
        $grams = $more->parts->grams() - $paste->parts->grams();

        return $state->pasted($more, $mixed, $state->ledger->plus(in: $grams));
    }

    /** @return array{PotState, Setting, list<array{Mishap, string}>} the first liquid: from here on it is a sauce */
    private function poured(PotState $state, Paste $paste, Ingredient $liquid, Mass $mass, float $celsius, Setting $setting): array
    {
        $roux = $paste->asSauce();
        $splash
            = in_array(Steam::of(Temperature::ofCelsius($state->celsius)), [Steam::Violent, Steam::Danger], true) && $roux->grams() > 0.0;
        [$sauce, $mixed, $steam] = $this->mixed($roux, $paste->heatCapacity(), $state->celsius, $liquid, $mass, $celsius);
        $smooth = $paste->hasFlour()
            ? 1.0
                - $this->lumping($paste, $setting)->ofPour(
                    $state->celsius,
                    $celsius,
                    $mixed,
                    $mass->inGrams() / max(1e-9, $roux->grams()),
                    0.0,
                )
            : 1.0;
        $ledger = $state->ledger->plus(in: $this->grams($liquid, $mass), steam: $steam);

        return [$state->sauced($sauce, $mixed, $ledger, $smooth), $setting, $splash ? [[Mishap::Splashes, $liquid->id]] : []];
    }

    /** @return array{PotState, Setting, list<array{Mishap, string}>} */
    private function intoSauce(PotState $state, Thickener|Fat|Ingredient $what, Mass $mass, float $celsius, Setting $setting): array
    {
        $sauce = $state->sauce;
        if ($what instanceof Thickener) {
            $with = $sauce->withThickener($what, $mass, $this->vessel->kitchen->flourStrength->value);
            $mixed = $this->meeting($sauce->heatCapacity(), $state->celsius, $with->heatCapacity(), $celsius);

            return [$state->sauced($with, $mixed, $state->ledger->plus(in: $with->grams() - $sauce->grams())), $setting, []];
        }
        $finishing = Finishing::of($sauce, $what, $mass, Temperature::ofCelsius($state->celsius));
        $hot = $state->celsius >= self::FINISHING_FROM;
        if ($what instanceof Fat) {
            $mixed = $this->meeting($sauce->heatCapacity(), $state->celsius, $finishing->sauce->heatCapacity(), $celsius);
            [$with, $steam, $smooth] = [$finishing->sauce, 0.0, 1.0];
        } else {
            [$with, $mixed, $steam] = $this->mixed($sauce, $sauce->heatCapacity(), $state->celsius, $what, $mass, $celsius);
            $smooth = $this->smoothAfter($state, $mass, $celsius, $mixed);
        }
        $ledger = $state->ledger->plus(in: $with->grams() + $steam - $sauce->grams(), steam: $steam);
        $told = [
            ...($hot && $finishing->tooHot && !$this->isLiquid($what) ? [[Mishap::TooHotFor, $what->id]] : []),
            ...($finishing->curdlingRisk() !== Risk::Low ? [[Mishap::MayCurdle, $what->id]] : []),
        ];

        return [$state->sauced($with, $mixed, $ledger, $smooth), $setting, $told];
    }

    /** Milk and stock go in hot or cold; only what finishes has a limit. */
    private function isLiquid(Fat|Ingredient $what): bool
    {
        return $what instanceof Ingredient && $what->role === Role::Liquid;
    }

    /** Later pours lump less and less, as liquid loosens the paste. */
    private function smoothAfter(PotState $state, Mass $mass, float $celsius, float $mixed): float
    {
        $sauce = $state->sauce;
        $roux = $sauce->starch->grams;
        if ($roux <= 0.0 || $sauce->starch->gelatinised > 0.5) {
            return 1.0;
        }
        $paste = max(1e-9, min($sauce->grams(), 2.0 * $roux));

        return 1.0
            - (new Lumping(Tool::Whisk, 1.0))->ofPour(
                $state->celsius,
                $celsius,
                $mixed,
                $mass->inGrams() / $sauce->grams(),
                ($sauce->grams() - $paste) / $paste,
            );
    }

    private function lumping(Paste $paste, Setting $setting): Lumping
    {
        $flour = $paste->parts->starch->grams;

        return new Lumping($setting->stirring > 0.0 ? Tool::Whisk : Tool::None, $flour > 0.0 ? $paste->parts->fatGrams / $flour : 1.0);
    }

    /**
     * @param float $heat J/K of what is in the pan, and then with what came to it
     *
     * @return float °C of pan and content when both have met
     */
    private function meeting(float $heat, float $at, float $then, float $celsius): float
    {
        $pan = $this->vessel->heatCapacity();

        return $pan + $then > 0.0 ? (($pan + $heat) * $at + ($then - $heat) * $celsius) / ($pan + $then) : $at;
    }

    /** @return array{Sauce, float, float} the mixture, its °C, and g gone as steam */
    private function mixed(Sauce $sauce, float $heat, float $at, Ingredient $what, Mass $mass, float $celsius): array
    {
        $then = $heat + $what->heatCapacity() * $mass->inGrams();
        $mixed = $this->meeting($heat, $at, $then, $celsius);
        $with = $sauce->with($what, $mass);
        if ($mixed <= self::BOIL) {
            return [$with, $mixed, 0.0];
        }
        $steam = min($with->waterGrams, ($this->vessel->heatCapacity() + $then) * ($mixed - self::BOIL) / HeatCapacity::STEAM);

        return [$with->withoutWater(Mass::ofGrams($steam)), $steam < $with->waterGrams ? self::BOIL : $mixed, $steam];
    }

    private function skimmed(PotState $state): PotState
    {
        if ($state->paste !== null) {
            return $state;
        }
        $skimming = Skimming::of($state->sauce);

        return $state->sauced($skimming->sauce, $state->celsius, $state->ledger->plus(skimmed: $skimming->fat->inGrams()));
    }

    private function ladled(PotState $state, float $millilitres): PotState
    {
        if ($state->paste !== null || $state->sauce->millilitres() <= 0.0) {
            return $state;
        }
        $left = 1.0 - min(1.0, $millilitres / $state->sauce->millilitres());

        return $state->sauced(
            $state->sauce->times($left),
            $state->celsius,
            $state->ledger->plus(ladled: (1.0 - $left) * $state->sauce->grams()),
        );
    }

    private function strained(PotState $state): PotState
    {
        if ($state->paste !== null) {
            return $state;
        }
        $clings = $state->sauce->times(1.0 - Straining::CLING);
        $strained = Straining::of($clings, Mass::ofGrams($state->vegetables));
        $kept = $state->sauce->grams() - $strained->sauce->grams();

        return $state->sauced($strained->sauce, $state->celsius, $state->ledger->plus(strained: $kept))->withoutVegetables();
    }

    /** @return float g of it that the larder's parts account for */
    private function grams(Ingredient $what, Mass $mass): float
    {
        return Sauce::nothing()->with($what, $mass)->grams();
    }
}
