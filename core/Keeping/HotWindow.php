<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/**
 * Between which temperatures a sauce is held hot, and how long at most: the floor is the kitchen's guidance, the ceiling the sauce's own.
 *
 * Where they meet there is no way of holding it. Source: procedures.md 5: two hours for quality, one with yolk or mounted butter.
 */
final readonly class HotWindow
{
    /** min */
    private const LONGEST = 120.0;

    private const LONGEST_DELICATE = 60.0;

    /** min between two looks at the thermometer. */
    private const LOOK = 30.0;

    private function __construct(public Temperature $least, public ?Temperature $most, public Duration $longest) {}

    /** @param Temperature|null $keepBelow what holds yolk or mounted butter together, where there is any */
    public static function of(Sauce $sauce, ?Temperature $keepBelow, FoodSafety $rules): self
    {
        return new self(
            $rules->holdAtLeast,
            $keepBelow,
            Duration::ofMinutes($keepBelow !== null || $sauce->yolkGrams > 0.0 ? self::LONGEST_DELICATE : self::LONGEST),
        );
    }

    /** Whether there is any temperature at which it may be held. */
    public function isOpen(): bool
    {
        return $this->most === null || $this->most->kelvin >= $this->least->kelvin;
    }

    public function isTooCold(Temperature $temperature): bool
    {
        return $temperature->kelvin < $this->least->kelvin - 1e-9;
    }

    public function isTooHot(Temperature $temperature): bool
    {
        return $this->most !== null && $temperature->kelvin > $this->most->kelvin + 1e-9;
    }

    public static function look(): Duration
    {
        return Duration::ofMinutes(self::LOOK);
    }
}
