<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Duration;

/** The course of a simulated pot, for drawing and for comparing with a log. */
final readonly class Trace
{
    /**
     * @param non-empty-list<TracePoint> $points in the order of time
     * @param list<Happening> $troubles each at its first moment
     */
    public function __construct(public array $points, public array $troubles, public PotState $end) {}

    /** The last point at or before a time. */
    public function at(Duration $time): TracePoint
    {
        $found = $this->points[0];
        foreach ($this->points as $point) {
            if ($point->at->seconds > $time->seconds + 1e-6) {
                break;
            }
            $found = $point;
        }

        return $found;
    }

    public function last(): TracePoint
    {
        return $this->points[count($this->points) - 1];
    }
}
