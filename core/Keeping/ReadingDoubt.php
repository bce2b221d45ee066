<?php

declare(strict_types=1);

namespace Lento\Keeping;

/** Why a reading is not believed to be of the middle of the sauce. */
enum ReadingDoubt: string
{
    /** Hotter than any sauce that stands, or colder than any place it can stand in. */
    case CannotBe = 'cannot-be';

    /** Hotter than it was, though nothing heats it. */
    case Warmer = 'warmer';

    /** Fallen faster than any sauce cools: the probe hangs in the air. */
    case InAir = 'in-air';

    /** The same to a tenth of a degree for so long that it should have moved. */
    case Stuck = 'stuck';
}
