<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;

/** One limit of a cooling rule against the forecast. */
final readonly class StageForecast
{
    /**
     * @param Duration|null $time likely; null where it never gets there
     * @param Duration|null $cautious with the margin of safety
     */
    public function __construct(public CoolingStage $stage, public ?Duration $time, public ?Duration $cautious) {}

    /** Whether it should meet the limit, margin and all. A forecast never says "pass". */
    public function should(): bool
    {
        return $this->cautious !== null && $this->cautious->seconds <= $this->stage->within->seconds;
    }
}
