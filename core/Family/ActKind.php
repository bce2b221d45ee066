<?php

declare(strict_types=1);

namespace Lento\Family;

/** What is done to a base to make another sauce of it, in the order of the work. */
enum ActKind: string
{
    /** Softened without colour in butter, in the pan the base is ladled into. */
    case Sweat = 'sweat';
    case Brown = 'brown';
    /** Wine, vinegar, stock with their aromatics, boiled down before the base goes in. */
    case ReduceApart = 'reduce-apart';
    case StirIn = 'stir-in';
    /** The base itself, boiled down. */
    case Reduce = 'reduce';
    case Simmer = 'simmer';
    case Strain = 'strain';
    /** Yolk, cheese, cream, butter, mustard: each within its own limit. */
    case OffTheBoil = 'off-the-boil';
    /** Herbs, garnish, lemon: last of all. */
    case AtTheEnd = 'at-the-end';

    /** Whether the sauce is on the boil while it is done. */
    public function boils(): bool
    {
        return in_array($this, [self::StirIn, self::Reduce, self::Simmer], true);
    }

    /** Whether it happens in the pan before the base is ladled in. */
    public function isBefore(): bool
    {
        return in_array($this, [self::Sweat, self::Brown, self::ReduceApart], true);
    }
}
