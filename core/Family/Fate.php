<?php

declare(strict_types=1);

namespace Lento\Family;

/** What becomes of a thing that goes into a derivative, and so where the books of its pot count it. */
enum Fate: string
{
    /** Becomes sauce. */
    case Joins = 'joins';
    /** Stays in as pieces one can see: adds its room, thickens nothing. */
    case StaysIn = 'stays-in';
    /** Cooked along and strained out. */
    case StrainedOut = 'strained-out';
    /** Too little to weigh in the sauce. */
    case Flavours = 'flavours';
}
