<?php

declare(strict_types=1);

namespace Lento\Course;

/** What can happen to a pot at the stove. */
enum EventKind: string
{
    case Done = 'done';
    case Back = 'back';
    case Poured = 'poured';
    case Unpoured = 'unpoured';
    case MoreTime = 'more-time';
    case Note = 'note';
    case Finished = 'finished';
    case TakenOff = 'taken-off';
}
