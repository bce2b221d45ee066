<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\DeviceKind;
use Lento\Compose\Sheet;
use Lento\Heat\HobHeat;
use Lento\Plan\StepKind;
use Lento\Quantity\Duration;
use Lento\Simulation\Action;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;
use Lento\Simulation\Trace;

/** A pot cooked on paper step by step as its sheet says, for programs that stand in for a probe or a scale. */
final readonly class SimulatedPot
{
    /** s between two points that a device could read. */
    private const POINTS = 5.0;

    private function __construct(private Sheet $sheet, public Trace $trace) {}

    /** From the cold pan until its simmer is over. */
    public static function of(Sheet $sheet): self
    {
        $question = $sheet->question;
        $begins = static function (StepKind ...$kinds) use ($sheet): Duration {
            $seconds = 0.0;
            foreach ($sheet->steps() as $step) {
                if (in_array($step->kind, $kinds, true)) {
                    return Duration::ofSeconds($seconds);
                }
                $seconds += $step->pace->time->seconds;
            }

            return Duration::ofSeconds($seconds);
        };
        $larder = $question->larder;
        $actions = [
            Action::add($begins(StepKind::Melt), $larder->fat($question->fat), $sheet->roux->fat),
            Action::heat($begins(StepKind::Melt), Heating::hob($question->heat)),
            Action::add($begins(StepKind::Flour), $sheet->roux->flourKind, $sheet->roux->flour),
            Action::heat($begins(StepKind::Pour), Heating::off()),
            Action::add($begins(StepKind::Pour), $larder->ingredient($question->liquid), $sheet->liquidMass, $sheet->stair->liquid),
            Action::heat($begins(StepKind::Boil), Heating::hob(HobHeat::MediumHigh)),
            Action::heat($begins(StepKind::Simmer, StepKind::Reduce), Heating::simmer($question->simmerLevel)),
        ];

        return new self(
            $sheet,
            Simulation::in(HeatedPan::of($question->pan, $question->pan->mass(), $question->pan->base))->run(
                $actions,
                $begins(StepKind::Test),
                Duration::ofSeconds(self::POINTS),
            ),
        );
    }

    public function seconds(): float
    {
        return $this->trace->last()->at->seconds;
    }

    /** What the device would show: °C, or kg with the pan on it. */
    public function shows(DeviceKind $kind, float $seconds): float
    {
        $point = $this->trace->at(Duration::ofSeconds(min($seconds, $this->seconds())));

        return $kind === DeviceKind::Probe
            ? round($point->temperature->inCelsius(), 1)
            : round($point->mass()->inKilograms() + $this->sheet->question->pan->mass()->inKilograms(), 3);
    }
}
