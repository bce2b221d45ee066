<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\OutOfRange;
use Lento\Forecast\Band;
use Lento\Quantity\Duration;

/** How long a step takes, how sure that is, and how much of the cook it wants meanwhile. */
final readonly class Pace
{
    /** s: thirty days. A pan far too narrow takes days on paper; what lasts longer is no step. */
    public const LONGEST = 2_592_000.0;

    /** @param list<Tending> $tendings */
    private function __construct(
        public Duration $time,
        public bool $handsOn,
        public bool $timed,
        public array $tendings,
        public ?Band $band,
        public int $batches = 1,
    ) {}

    /**
     * @param Duration $time about how long; zero for a thing of a moment
     * @param bool $handsOn whether the cook must stay with it
     * @param bool $timed whether a clock helps: it never does where the eye decides at once
     * @param list<Tending> $tendings visits it wants while it lasts
     * @param Band|null $band minutes of eight pots in ten, where that was reckoned
     *
     * @throws OutOfRange if it lasts longer than thirty days
     */
    public static function of(Duration $time, bool $handsOn, bool $timed, array $tendings = [], ?Band $band = null): self
    {
        if ($time->seconds < 0.0 || $time->seconds > self::LONGEST) {
            throw OutOfRange::between('time-of-a-step', $time->seconds, 0.0, self::LONGEST, 's');
        }

        return new self($time, $handsOn, $timed, $tendings, $band);
    }

    /** A thing of a moment that is done by hand: no clock helps with it. */
    public static function moment(): self
    {
        return self::of(Duration::ofSeconds(0.0), handsOn: true, timed: false);
    }

    /** @throws OutOfRange if it lasts longer than thirty days */
    public function lasting(Duration $time): self
    {
        $lasting = self::of($time, $this->handsOn, $this->timed, $this->tendings, $this->band);

        return $lasting->inBatches($this->batches);
    }

    /** In so many goes, for it does not fit in one. */
    public function inBatches(int $batches): self
    {
        return new self($this->time, $this->handsOn, $this->timed, $this->tendings, $this->band, max(1, $batches));
    }
}
