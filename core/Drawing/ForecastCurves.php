<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A value over time: as it was planned, as it went, where it was read, and as it will go on. */
final readonly class ForecastCurves
{
    /**
     * @param list<array{float, float}> $planned minutes and value, as are the others
     * @param list<array{float, float}> $gone
     * @param list<array{float, float}> $read
     * @param list<array{float, float}> $ahead
     */
    public function __construct(public array $planned, public array $gone, public array $read, public array $ahead) {}

    /** @return list<array{float, float}> */
    public function all(): array
    {
        return [...$this->planned, ...$this->gone, ...$this->read, ...$this->ahead];
    }
}
