<?php

declare(strict_types=1);

namespace Lento\Course;

/** What a cook says of a remedy after it has been done. */
enum FollowUp: string
{
    case Worked = 'worked';
    case NotYet = 'not-yet';
    case Worse = 'worse';
}
