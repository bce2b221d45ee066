<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;

/** The same pot with one thing put right. */
final readonly class Mended
{
    /**
     * @param list<Segment> $segments
     * @param int $segment the first one that is otherwise
     * @param string $what larder id of what was weighed wrongly, or empty
     * @param float $much g too much (less than nothing: too little) or s too late; the size of a thing of the kitchen
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Cause $cause,
        public Quirks $quirks,
        public array $segments,
        public int $segment,
        public string $what = '',
        public float $much = 0.0,
    ) {
        OutOfRange::refuse('number-of-steps', (float) $segment, 0.0, 1000.0, '');
        OutOfRange::refuse('much-of-a-cause', $much, -1e9, 1e9, '');
    }
}
