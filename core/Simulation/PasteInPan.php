<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Heat\Fire;
use Lento\Heat\HeatCapacity;
use Lento\Roux\Browning;
use Lento\Roux\OffHeat;
use Lento\Roux\PanBottom;

/** Fat or roux in the pan, second by second. Plain numbers inside; the laws are those of Roux. */
final readonly class PasteInPan
{
    public function __construct(private HeatedPan $vessel) {}

    public function after(PotState $state, Paste $paste, Setting $setting, int $seconds): PotState
    {
        $heated = $paste->inPan(
            $this->vessel->heatCapacity() + HeatCapacity::VEGETABLES * $state->vegetables,
            $this->vessel->area(),
            PanBottom::WATER_BESIDE * $state->vegetables,
        );
        $heating = $setting->heating;
        [$flux, $held] = [$this->vessel->flux($heating), $this->vessel->held($heating)];
        [$celsius, $fatWater, $flourWater, $dose, $decay] = [
            $state->celsius,
            $paste->fatWater,
            $paste->flourWater,
            $paste->dose,
            $paste->decay,
        ];
        [$browns, $speed] = [$paste->hasFlour(), $this->vessel->kitchen->browning->value / 60.0];
        // Off the heat on the bench it loses what it loses on a flame that is out.
        $onBench = $heating->ovenCelsius === null && $heating->off === OffHeat::Bench;
        if ($browns && ($flux > 0.0 || $onBench)) {
            [, [$celsius, $fatWater, $flourWater, $dose, $decay]] = $heated->brownedOnHob(
                [$celsius, $fatWater, $flourWater, $dose, $decay],
                new Fire($flux, $held),
                $this->vessel->kitchen->browning->value,
                $seconds,
                INF,
                null,
            );
            $seconds = 0;
        }
        for ($i = 0; $i < $seconds; $i++) {
            [$celsius, $fatWater, $flourWater] = match (true) {
                $flux > 0.0 => $heated->onHob($celsius, $fatWater, $flourWater, $flux, $held, 1.0),
                $heating->ovenCelsius !== null => $heated->inOven($celsius, $fatWater, $flourWater, $heating->ovenCelsius, 1.0),
                default => $heated->offHeat($celsius, $fatWater, $flourWater, $heating->off, 1.0),
            };
            if ($browns) {
                $dose += $speed * Browning::perMinute($celsius);
                $decay += Browning::rawTasteLoss($celsius) / 60.0;
            }
        }
        $steam = $paste->fatWater + $paste->flourWater - $fatWater - $flourWater;

        return $state->pasted($paste->heated($fatWater, $flourWater, $dose, $decay), $celsius, $state->ledger->plus(steam: $steam));
    }
}
