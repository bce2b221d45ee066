<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** One act of the work that makes a derivative: what goes in, what is boiled off, how long, and how hot it may be. */
final readonly class Act
{
    /** min, by custom of the trade. */
    private const SWEAT = 8.0;

    private const BROWN = 12.0;

    private const STRAIN = 3.0;

    private const ONE_THING = 1.0;

    /**
     * @param list<Dose> $doses
     * @param float $share of the volume that is boiled off, 0 to 1
     * @param Duration $time zero where it follows from what is boiled off
     * @param Temperature|null $atMost what the kitchen keeps to, where that is stricter than the law of the thing stirred in
     * @param Temperature|null $atLeast where it does its work from
     */
    private function __construct(
        public ActKind $kind,
        public array $doses,
        public float $share,
        public Duration $time,
        public SimmerLevel $level,
        public ?Temperature $atMost = null,
        public ?Temperature $atLeast = null,
    ) {}

    public static function sweat(Dose ...$doses): self
    {
        return self::timed(ActKind::Sweat, self::SWEAT, $doses);
    }

    public static function brown(Dose ...$doses): self
    {
        return self::timed(ActKind::Brown, self::BROWN, $doses);
    }

    /** @param float $share of the liquid that is boiled off */
    public static function reduceApart(float $share, Dose ...$doses): self
    {
        return new self(ActKind::ReduceApart, array_values($doses), $share, Duration::ofSeconds(0.0), SimmerLevel::Boil);
    }

    /** @param float $share of what is in the pot */
    public static function reduce(float $share): self
    {
        return new self(ActKind::Reduce, [], $share, Duration::ofSeconds(0.0), SimmerLevel::Brisk);
    }

    public static function stirIn(Dose ...$doses): self
    {
        return self::timed(ActKind::StirIn, self::ONE_THING * count($doses), $doses);
    }

    public static function simmer(float $minutes): self
    {
        return self::timed(ActKind::Simmer, $minutes, []);
    }

    public static function strain(): self
    {
        return self::timed(ActKind::Strain, self::STRAIN, []);
    }

    public static function offTheBoil(Dose ...$doses): self
    {
        return self::timed(ActKind::OffTheBoil, self::ONE_THING * count($doses), $doses);
    }

    public static function atTheEnd(Dose ...$doses): self
    {
        return self::timed(ActKind::AtTheEnd, self::ONE_THING * count($doses), $doses);
    }

    /** The same, kept cooler than the law of what goes in would have it. */
    public function between(?float $leastCelsius, float $mostCelsius): self
    {
        return new self(
            $this->kind,
            $this->doses,
            $this->share,
            $this->time,
            $this->level,
            Temperature::ofCelsius($mostCelsius),
            $leastCelsius === null ? null : Temperature::ofCelsius($leastCelsius),
        );
    }

    /** @param list<Dose> $doses */
    public function with(array $doses): self
    {
        return new self($this->kind, $doses, $this->share, $this->time, $this->level, $this->atMost, $this->atLeast);
    }

    /** @param array<int|string, Dose> $doses */
    private static function timed(ActKind $kind, float $minutes, array $doses): self
    {
        return new self($kind, array_values($doses), 0.0, Duration::ofMinutes($minutes), SimmerLevel::Bare);
    }
}
