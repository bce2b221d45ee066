<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** Whether a set-up should meet a cooling rule. It says "should" or "will not"; only thermometer readings pass. */
final readonly class CoolingForecast
{
    /**
     * @param Duration|null $intoTheZone from the pot's temperature down to where the rule starts to count
     * @param non-empty-list<StageForecast> $stages
     */
    private function __construct(public FoodSafety $rules, public ?Duration $intoTheZone, public array $stages) {}

    /** @param Temperature $from of the sauce as it is set there */
    public static function of(Cools $cooling, FoodSafety $rules, Temperature $from): self
    {
        $cautious = $cooling->cautious();

        return new self(
            $rules,
            $cooling->time($from, $rules->stages[0]->from, freshlySet: true),
            array_map(
                static fn(CoolingStage $stage): StageForecast => new StageForecast(
                    $stage,
                    $cooling->time($stage->from, $stage->to),
                    $cautious->time($stage->from, $stage->to),
                ),
                $rules->stages,
            ),
        );
    }

    public function should(): bool
    {
        foreach ($this->stages as $stage) {
            if (!$stage->should()) {
                return false;
            }
        }

        return true;
    }
}
