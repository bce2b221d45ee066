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
    case Tended = 'tended';
    case Heat = 'heat';
    case Read = 'read';
    case Tasted = 'tasted';
    case ToppedUp = 'topped-up';
    /** Anything that no step asked for. */
    case Added = 'added';
    case StoppedPouring = 'stopped-pouring';
    /** Poured over into another pan. */
    case ChangedPan = 'changed-pan';
    case Thickened = 'thickened';
    case Rescued = 'rescued';
    case FollowedUp = 'followed-up';
    case Moved = 'moved';
    case TakenOver = 'taken-over';
    case Kept = 'kept';
    case LadledOff = 'ladled-off';
    case Note = 'note';
    case Undone = 'undone';
    case Finished = 'finished';
    case TakenOff = 'taken-off';
    /** Of a newer Lento: kept, and shown as such. */
    case Unknown = 'unknown';

    /** Whether it says what a pot is at, so that a list of pots needs it; the rest is about what is in the pot. */
    public function movesTheCourse(): bool
    {
        return !in_array(
            $this,
            [
                self::Read,
                self::Tasted,
                self::ToppedUp,
                self::Added,
                self::ChangedPan,
                self::Thickened,
                self::Rescued,
                self::FollowedUp,
                self::LadledOff,
                self::Note,
                self::Unknown,
            ],
            true,
        );
    }
}
