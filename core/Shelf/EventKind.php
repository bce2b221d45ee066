<?php

declare(strict_types=1);

namespace Lento\Shelf;

/** What can happen to a tub. */
enum EventKind: string
{
    case PutIn = 'put-in';
    case PouredOver = 'poured-over';
    case Read = 'read';
    case Moved = 'moved';
    case Taken = 'taken';
    case Measured = 'measured';
    case Reheated = 'reheated';
    case Binned = 'binned';
    case Note = 'note';
    case Undone = 'undone';
}
