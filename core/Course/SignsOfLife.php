<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;

/**
 * Whether anybody still has a pot in hand.
 *
 * A pot that was taken off and never said so goes on for ever, on the rail and in what is reckoned: a simmer of a month costs as much as a
 * month of simmers. So it is asked about, and what is foreseen of it ends.
 */
final readonly class SignsOfLife
{
    /** s. The longest simmer of any sauce here is eight hours: after half a day with no hand on it a pot may have been forgotten. */
    private const ASKED_AFTER = 12.0 * 3600.0;

    /** s. What is foreseen a day after the last hand was on it is no pot's: it has boiled dry, or been eaten. */
    private const RECKONED_FOR = 24.0 * 3600.0;

    /** @param DateTimeImmutable $until what can be reckoned: a day after the last sign, or after the one before the first longer silence */
    private function __construct(public DateTimeImmutable $last, public DateTimeImmutable $until) {}

    public static function of(Course $course): self
    {
        $last = $course->visits[0]->from;
        $until = null;
        foreach ($course->events as $event) {
            if ($until === null && self::seconds($last, $event->at) > self::RECKONED_FOR) {
                $until = self::after($last, self::RECKONED_FOR);
            }
            $last = max($last, $event->at);
        }

        return new self($last, $until ?? self::after($last, self::RECKONED_FOR));
    }

    /** Where only the moment of the last sign is known. */
    public static function lastAt(DateTimeImmutable $last): self
    {
        return new self($last, self::after($last, self::RECKONED_FOR));
    }

    /** Whether it is to be asked about. */
    public function mayBeForgotten(DateTimeImmutable $now): bool
    {
        return self::seconds($this->last, $now) > self::ASKED_AFTER;
    }

    /** The moment before which the last sign lies of pots that are to be asked about. */
    public static function askedBefore(DateTimeImmutable $now): DateTimeImmutable
    {
        return self::after($now, -self::ASKED_AFTER);
    }

    /** Whether it was left alone for longer than can be reckoned. */
    public function isBroken(DateTimeImmutable $now): bool
    {
        return $now > $this->until;
    }

    private static function seconds(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return (float) $to->format('U.v') - (float) $from->format('U.v');
    }

    private static function after(DateTimeImmutable $at, float $seconds): DateTimeImmutable
    {
        return $at->modify(sprintf('%+d seconds', (int) $seconds));
    }
}
