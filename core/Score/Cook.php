<?php

declare(strict_types=1);

namespace Lento\Score;

final readonly class Cook
{
    /**
     * @param list<string> $skills
     * @param list<Interval> $away
     */
    public function __construct(public string $id, public array $skills = [], public array $away = []) {}

    public function can(?string $skill): bool
    {
        return $skill === null || in_array($skill, $this->skills, true);
    }

    public function isAway(int $from, int $until): bool
    {
        foreach ($this->away as $one) {
            if ($one->meets($from, $until)) {
                return true;
            }
        }

        return false;
    }
}
