<?php

declare(strict_types=1);

namespace App\Models;

use Lento\Plan\Plan;

/** What kind of pot it is: a base from its sheet, what is made of one, or one that is only logged. */
enum PotKind: string
{
    case Base = 'base';
    case Derivative = 'derivative';
    case Free = 'free';

    public static function of(Plan $plan): self
    {
        return match (true) {
            $plan->making === null => self::Free,
            $plan->making->isDerived() => self::Derivative,
            default => self::Base,
        };
    }
}
