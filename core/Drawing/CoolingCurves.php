<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A sauce that cools, in minutes from its beginning and °C: what was read, how it goes on as it stands, and with a change. */
final readonly class CoolingCurves
{
    /**
     * @param list<array{float, float}> $read
     * @param list<array{float, float}> $doubted read, and not believed
     * @param list<array{float, float}> $gone from the beginning to now, as it is believed to have gone
     * @param list<array{float, float}> $stands from now on
     * @param list<array{float, float}> $band the quick edge forward, then the slow one back
     * @param list<array{float, float}> $fix
     */
    public function __construct(
        public array $read,
        public array $doubted,
        public array $gone,
        public array $stands,
        public array $band,
        public array $fix,
    ) {}

    /** @return list<array{float, float}> */
    public function all(): array
    {
        return [...$this->read, ...$this->gone, ...$this->stands, ...$this->fix];
    }
}
