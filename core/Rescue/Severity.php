<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** How far off a cook finds it, in one tap. Estimates from the width of a spoon's word and of a pinch of salt. */
enum Severity: string
{
    case ALittle = 'a-little';
    case Clearly = 'clearly';
    case Much = 'much';

    /** @return float times the target, for one that is too thick */
    public function thick(): float
    {
        return [1.12, 1.25, 1.5][$this->rank()];
    }

    /** @return float times the target, for one that is too thin */
    public function thin(): float
    {
        return [0.88, 0.78, 0.62][$this->rank()];
    }

    /** @return float times the target, for one that is too salty */
    public function salty(): float
    {
        return [1.15, 1.3, 1.6][$this->rank()];
    }

    /** @return float raw taste, 0 to 1 */
    public function raw(): float
    {
        return [0.25, 0.4, 0.7][$this->rank()];
    }

    /** @return float share of the mass that floats */
    public function fat(): float
    {
        return [0.006, 0.01, 0.025][$this->rank()];
    }

    /** @return float times the usual dose, of what is tasted in */
    public function dose(): float
    {
        return [0.5, 1.0, 2.0][$this->rank()];
    }

    private function rank(): int
    {
        return match ($this) {
            self::ALittle => 0,
            self::Clearly => 1,
            self::Much => 2,
        };
    }
}
