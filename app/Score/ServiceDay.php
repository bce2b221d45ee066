<?php

declare(strict_types=1);

namespace App\Score;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Lento\Score\Times;

/**
 * The day of a service: its minutes are counted from midnight by what passes, not by what clocks show, so that an hour that comes twice in
 * autumn is two.
 */
final readonly class ServiceDay
{
    /** The hour up to which a time is still of the night before. */
    private const NIGHT_UNTIL = 4;

    /** Hours for which what should have been served is still being served. */
    private const STILL_ON = 4;

    private const HORIZON = 2880;

    private function __construct(public CarbonImmutable $midnight, public int $now) {}

    /** @param string $at "19:30", of the last serving; the next that comes is meant */
    public static function of(string $at, CarbonImmutable $now): self
    {
        // After midnight the service of the night before may still be on, or still to come.
        foreach ([-1, 0, 1] as $days) {
            $midnight = $now->startOfDay()->addDays($days);
            $day = new self($midnight, (int) floor($midnight->diffInMinutes($now)));
            $served = $day->minute($at);
            if ($served === null ? $days === 0 : $served >= $day->now - self::STILL_ON * 60) {
                return $day;
            }
        }

        throw new \LogicException('every time of day comes again within a day');
    }

    /** @return int|null minute of the day; null where it is no time */
    public function minute(string $at): ?int
    {
        if (preg_match('/\A([01]?\d|2[0-3])[:.h]?([0-5]\d)\z/', trim($at), $parts) !== 1) {
            return null;
        }
        $day = (int) $parts[1] < self::NIGHT_UNTIL ? $this->midnight->addDay() : $this->midnight;

        return (int) round($this->midnight->diffInMinutes($day->setTime((int) $parts[1], (int) $parts[2])));
    }

    public function times(): Times
    {
        return new Times(0, $this->now, self::HORIZON);
    }

    /** The minute in which a moment lies. */
    public function at(DateTimeInterface $moment): int
    {
        return (int) floor(($moment->getTimestamp() - $this->midnight->getTimestamp()) / 60);
    }

    public function moment(int $minute): CarbonImmutable
    {
        return $this->midnight->addMinutes($minute);
    }

    /** "17:22", as the kitchen's clock shows it. */
    public function clock(int $minute): string
    {
        return $this->moment($minute)->format('H:i');
    }
}
