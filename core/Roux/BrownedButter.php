<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\NotReachable;
use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Heat\PanHeat;
use Lento\Larder\Fat;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * Butter heated on its own until its water is gone and its milk solids smell of hazelnut, before the flour goes in.
 *
 * The solids are taken to brown like flour, and to be ready at the dose of a blond roux: an estimate. Judge by smell; the clock only
 * says when to stay close.
 */
final readonly class BrownedButter
{
    private const STEP_SECONDS = 1.0;

    private const LONGEST_SECONDS = 3600;

    /** Shade of the milk solids. */
    private const HAZELNUT = 1.0;

    /** Share of its water below which butter no longer foams. */
    private const DRY = 0.02;

    /** @param Mass $left what is in the pan then: the butter without its water */
    private function __construct(
        public Duration $time,
        public Temperature $temperature,
        public Mass $left,
        public Mass $steam,
        public Fat $fat,
    ) {}

    /** @throws NotReachable if this heat does not brown it within an hour, or the fat holds no milk solids to brown */
    public static function inPan(Fat $butter, Mass $mass, Length $diameter, Mass $pan, HobHeat $heat): self
    {
        if ($butter->solids <= 0.0) {
            throw NotReachable::target('browned-butter-from-a-fat-without-milk-solids');
        }
        $grams = $mass->inGrams();
        [$celsius, $water, $dose, $all] = [PanHeat::AMBIENT, $grams * $butter->water, 0.0, $grams * $butter->water];
        $paste = new HeatedPaste(
            $pan->inGrams() * Metal::Steel->capacity() + $grams * $butter->dryHeat(),
            (M_PI * $diameter->inCentimetres() ** 2) / 4.0,
        );
        $enough = Shade::of(self::HAZELNUT)->dose();
        for ($seconds = 0; $seconds < self::LONGEST_SECONDS; $seconds++) {
            if ($dose >= $enough && $water <= self::DRY * $all) {
                return new self(
                    Duration::ofSeconds($seconds * self::STEP_SECONDS),
                    Temperature::ofCelsius($celsius),
                    Mass::ofGrams($grams - $all),
                    Mass::ofGrams($all),
                    $butter->withoutWater(),
                );
            }
            [$celsius, $water] = $paste->onHob($celsius, $water, 0.0, $heat->flux(), $heat->heldCelsius(), self::STEP_SECONDS);
            $dose += self::STEP_SECONDS / 60.0 * Browning::perMinute($celsius);
        }

        throw NotReachable::target('browned-butter-on-this-heat', $heat->value);
    }
}
