<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

final readonly class Ring
{
    /**
     * @param int $widestPan mm of bottom
     * @param int $power 1 (back, slow) to 3 (front, fast)
     * @param list<Interval> $out broken, or in use by others
     */
    public function __construct(public string $id, public int $widestPan, public int $power, public array $out = [])
    {
        OutOfRange::refuse('ring-pan', $widestPan, 0, 2000, 'mm', $id);
        OutOfRange::refuse('ring-power', $power, 1, 3, '', $id);
    }

    public function isOut(int $from, int $until): bool
    {
        foreach ($this->out as $one) {
            if ($one->meets($from, $until)) {
                return true;
            }
        }

        return false;
    }

    public function takes(int $pan, int $power): bool
    {
        return $this->widestPan >= $pan && $this->power >= $power;
    }
}
