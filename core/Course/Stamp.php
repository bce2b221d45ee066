<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;
use Lento\Exception\OutOfRange;

/** Which event this is, about which step, and when it happened. */
final readonly class Stamp
{
    public const LONGEST_ID = 64;

    private const LONGEST_STEP = 60;

    /**
     * @param string $id made by the tablet that sent it: sent twice, it counts once; what an undoing names
     * @param string $step id of the step it is about; one that is not the present one moves nothing on
     */
    private function __construct(public string $id, public string $step, public DateTimeImmutable $at) {}

    /** @throws OutOfRange if an id is longer than any that is made */
    public static function of(string $id, string $step, DateTimeImmutable $at): self
    {
        if (strlen($id) > self::LONGEST_ID || strlen($step) > self::LONGEST_STEP) {
            throw OutOfRange::between('length-of-an-event-id', (float) max(strlen($id), strlen($step)), 0.0, (float) self::LONGEST_ID, '');
        }

        return new self($id, $step, $at);
    }
}
