<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Numerics\Curve;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;

/**
 * How the middle of a sauce cools: a lag, then an exponential.
 *
 * First term of conduction in a slab and a cylinder with a film outside, joined by Newman's product; a still sauce conducts better the
 * thinner it is, a stirred one has no lag. Only good for the set-ups it was estimated for; a thermometer decides. Source: docs/model.md, H.
 */
final readonly class Cooling implements Cools
{
    /** A forecast is only said to "should" meet a limit with its time constant so much longer. */
    public const MARGIN = 1.3;

    /** J/(m3 K) and W/(m K) of sauce. */
    private const HEAT = 3.95e6;

    private const CONDUCTIVITY = 0.54;

    /** How much a stirred sauce conducts better; a still one by so much at most, half of it at so many Pa s. */
    private const STIRRED = 25.0;

    private const CONVECTION = 4.0;

    private const CONVECTION_HALF = 0.5;

    /**
     * @param float $constant s
     * @param float $lag factor on the first temperature difference, >= 1
     */
    private function __construct(public Temperature $surroundings, private float $constant, private float $lag) {}

    /** @param Viscosity $thickness at 10 1/s and 60 °C */
    public static function of(Container $container, Place $place, Viscosity $thickness, ?Temperature $surroundings = null): self
    {
        $conducts = self::CONDUCTIVITY
        * ($place->stirred() ? self::STIRRED : 1.0 + self::CONVECTION / (1.0 + $thickness->pascalSeconds / self::CONVECTION_HALF));
        $h = $place->transfer();
        $depth = $container->depth->metres;
        [$rate, $lag] = self::slab($place->cooledFaces() === 2 ? $depth / 2.0 : $depth, $h, $conducts);
        $sides = $container->width === null
            ? [self::cylinder($container->length->metres / 2.0, $h, $conducts)]
            : [self::slab($container->length->metres / 2.0, $h, $conducts), self::slab($container->width->metres / 2.0, $h, $conducts)];
        foreach ($sides as [$sideRate, $sideLag]) {
            $rate += $sideRate;
            $lag *= $sideLag;
        }

        return new self($surroundings ?? $place->usual(), 1.0 / $rate, $place->stirred() ? 1.0 : $lag);
    }

    public function cautious(): self
    {
        return new self($this->surroundings, self::MARGIN * $this->constant, $this->lag);
    }

    /** Factor on the first temperature difference, >= 1: the middle lags behind what was just put there. */
    public function lag(): float
    {
        return $this->lag;
    }

    public function timeConstant(): Duration
    {
        return Duration::ofSeconds($this->constant);
    }

    public function time(Temperature $from, Temperature $to, bool $freshlySet = false): ?Duration
    {
        $there = $this->surroundings->kelvin;
        if ($from->kelvin <= $to->kelvin) {
            return Duration::ofSeconds(0.0);
        }
        if ($to->kelvin <= $there + 1e-9) {
            return null;
        }

        return Duration::ofSeconds(
            max(0.0, $this->constant * log((($freshlySet ? $this->lag : 1.0) * ($from->kelvin - $there)) / ($to->kelvin - $there))),
        );
    }

    /** Of the middle, so long after it was set there. */
    public function temperatureAfter(Temperature $from, Duration $time): Temperature
    {
        $share = Curve::clamp($this->lag * exp(-$time->seconds / $this->constant), 0.0, 1.0);

        return Temperature::ofKelvin($this->surroundings->kelvin + $share * ($from->kelvin - $this->surroundings->kelvin));
    }

    /** The deepest filling of the same container that still meets a limit with the margin; null where even the shallowest does not. */
    public static function deepest(
        Container $container,
        Place $place,
        Viscosity $thickness,
        FoodSafety $rules,
        Temperature $from,
        ?Temperature $surroundings = null,
    ): ?Length {
        $meets = static fn(float $mm): bool => CoolingForecast::of(
            self::of($container->filledTo(Length::ofMillimetres($mm)), $place, $thickness, $surroundings),
            $rules,
            $from,
        )->should();
        [$low, $high] = [Container::LEAST_MILLIMETRES, max(Container::LEAST_MILLIMETRES, $container->depth->inMillimetres())];
        if (!$meets($low)) {
            return null;
        }
        if ($meets($high)) {
            return Length::ofMillimetres($high);
        }
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2.0;
            $meets($middle) ? $low = $middle : $high = $middle;
        }

        return Length::ofMillimetres($low);
    }

    /** @return array{float, float} rate 1/s and lag of a slab of half thickness L */
    private static function slab(float $half, float $h, float $conducts): array
    {
        $biot = $h * $half / $conducts;

        return [1.0 / (self::HEAT * ($half / $h + 0.405 * $half ** 2 / $conducts)), 1.0 + 0.273 * $biot / ($biot + 2.0)];
    }

    /** @return array{float, float} rate 1/s and lag of a long cylinder */
    private static function cylinder(float $radius, float $h, float $conducts): array
    {
        $biot = $h * $radius / $conducts;

        return [1.0 / (self::HEAT * ($radius / (2.0 * $h) + $radius ** 2 / (5.783 * $conducts))), 1.0 + 0.602 * $biot / ($biot + 3.0)];
    }
}
