<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\SpoonWord;

/** What an instrument or the tongue tells, when it is asked. */
final readonly class Measure
{
    /** @param list<Taste> $tastes */
    private function __construct(
        public DeedKind $by,
        public ?Temperature $temperature = null,
        public ?Mass $mass = null,
        public ?Length $depth = null,
        public ?Volume $volume = null,
        public ?SpoonWord $spoon = null,
        public array $tastes = [],
    ) {}

    public static function temperature(Temperature $temperature): self
    {
        return new self(DeedKind::Probe, temperature: $temperature);
    }

    public static function mass(Mass $mass): self
    {
        return new self(DeedKind::Weigh, mass: $mass);
    }

    public static function depth(Length $depth, Volume $volume): self
    {
        return new self(DeedKind::Depth, depth: $depth, volume: $volume);
    }

    public static function spoon(SpoonWord $spoon): self
    {
        return new self(DeedKind::Dip, spoon: $spoon);
    }

    /** @param list<Taste> $tastes nothing to say of it where there are none */
    public static function tasted(array $tastes): self
    {
        return new self(DeedKind::Taste, tastes: $tastes);
    }

    /** Nothing there to read: a paste on a spoon. */
    public static function none(DeedKind $by): self
    {
        return new self($by);
    }
}
