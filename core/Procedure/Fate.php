<?php

declare(strict_types=1);

namespace Lento\Procedure;

/** What becomes of a dose, and so where the books of its pot count it. */
enum Fate: string
{
    /** Becomes sauce. */
    case Joins = 'joins';
    /** Pieces one can see: they take their room and thicken nothing, until a strainer keeps them or a sieve makes a purée of them. */
    case StaysIn = 'stays-in';
    /** Pieces that are lifted out, cut, and put back after the strainer. */
    case PutBack = 'put-back';
    /** Too little to weigh in the sauce: spice, herb, sachet. */
    case Flavours = 'flavours';
}
