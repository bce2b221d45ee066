<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Pot\Scorch;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;

/** Whether a simmering pot is about to catch, and what stops it: a stir, or less heat. */
final readonly class Catching
{
    /** @param SimmerLevel|null $calmer the highest simmer below this one that would not; null where it is low enough, or none is */
    private function __construct(public Risk $risk, public bool $stirringHelps, public ?SimmerLevel $calmer) {}

    /**
     * Left alone for longer than its visits are apart, a pot is stirred by so much less.
     *
     * @param Duration $unstirred since it was last stirred
     * @param Duration|null $every how often it wants it; null where one stays with it
     */
    public static function of(Reckoning $pot, Duration $unstirred, ?Duration $every): self
    {
        $usual = $pot->plan->ways->stirred;
        $share = $every === null || $unstirred->seconds <= $every->seconds ? $usual : ($usual * $every->seconds) / $unstirred->seconds;
        $risk = static fn(SimmerLevel $level, float $stirring): Risk => Scorch::of(
            $pot->sauce,
            Temperature::ofCelsius($pot->simmer($level)->celsius()),
            $level->heatFlux(),
            $stirring,
            $pot->plan->place->pan->base,
        )->risk();
        $now = $risk($pot->level, $share);
        if (!self::serious($now)) {
            return new self($now, false, null);
        }
        $below = array_slice(SimmerLevel::cases(), 0, (int) array_search($pot->level, SimmerLevel::cases(), true));
        $calm = array_filter($below, static fn(SimmerLevel $level): bool => !self::serious($risk($level, $usual)));

        return new self($now, !self::serious($risk($pot->level, $usual)), $calm === [] ? null : $calm[array_key_last($calm)]);
    }

    public function threatens(): bool
    {
        return self::serious($this->risk);
    }

    private static function serious(Risk $risk): bool
    {
        return in_array($risk, [Risk::High, Risk::VeryHigh], true);
    }
}
