<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** That a pot left alone is looked at every so often: stirred, skimmed. */
final readonly class Visits
{
    /**
     * @param int $every minutes
     * @param int $slack minutes sooner or later that do not matter
     * @param int $minutes of a cook, each time
     * @param int $done how many were made
     */
    public function __construct(public int $every, public int $slack, public int $minutes = 1, public int $done = 0)
    {
        OutOfRange::refuse('visits-every', $every, 2, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('visits-slack', $slack, 0, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('visits-minutes', $minutes, 1, 60, 'min');
        OutOfRange::refuse('visits-done', $done, 0, Instance::MOST_MINUTES, '');
    }

    /**
     * What is still asked for in a task of so many minutes, a minute of a cook at a time. One that would fall less than half its own pace
     * before the end is not asked for: the end is a look of its own.
     *
     * @return list<VisitWindow>
     */
    public function windows(int $minutes): array
    {
        $windows = [];
        for ($k = 1; $k * $this->every <= $minutes - intdiv($this->every + 1, 2); $k++) {
            for ($part = 0; $k > $this->done && $part < $this->minutes; $part++) {
                $windows[] = new VisitWindow(
                    max(0, $k * $this->every - $this->slack),
                    min($minutes - 1, $k * $this->every + $this->slack),
                    $k,
                    $part,
                );
            }
        }

        return $windows;
    }
}
