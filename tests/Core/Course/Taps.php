<?php

declare(strict_types=1);

namespace Tests\Core\Course;

use DateTimeImmutable;
use Lento\Course\Event;
use Lento\Course\FollowUp;
use Lento\Course\Happened;
use Lento\Course\KeptAs;
use Lento\Course\Outcome;
use Lento\Course\Reading;
use Lento\Course\Stamp;
use Lento\Course\Taste;
use Lento\Heat\HobHeat;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\RemedyKind;

/** Events as a test writes them: what, at which step, when, and which one. */
final readonly class Taps
{
    private function __construct() {}

    public static function done(string $step, DateTimeImmutable $at, string $id = '', ?string $to = null): Event
    {
        return new Happened\Done(Stamp::of($id, $step, $at), $to);
    }

    public static function back(string $step, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\WentBack(Stamp::of($id, $step, $at));
    }

    public static function poured(string $step, string $addition, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Poured(Stamp::of($id, $step, $at), $addition);
    }

    public static function unpoured(string $step, string $addition, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Unpoured(Stamp::of($id, $step, $at), $addition);
    }

    public static function moreTime(string $step, Duration $time, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\MoreTime(Stamp::of($id, $step, $at), $time);
    }

    public static function tended(string $step, TendingKind $tending, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Tended(Stamp::of($id, $step, $at), $tending);
    }

    public static function heat(string $step, HobHeat|SimmerLevel $heat, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\HeatSet(Stamp::of($id, $step, $at), $heat);
    }

    public static function read(string $step, Reading $reading, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\ReadOff(Stamp::of($id, $step, $at), $reading);
    }

    public static function tasted(string $step, Taste $taste, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Tasted(Stamp::of($id, $step, $at), $taste);
    }

    public static function toppedUp(string $step, Volume $liquid, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\ToppedUp(Stamp::of($id, $step, $at), $liquid);
    }

    public static function thickened(string $step, Means $means, Mass $thickener, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Thickened(Stamp::of($id, $step, $at), $means, $thickener);
    }

    public static function rescued(
        string $step,
        Fault $fault,
        RemedyKind $remedy,
        DateTimeImmutable $at,
        string $id = '',
        ?Volume $liquid = null,
        ?Mass $solid = null,
        ?Means $means = null,
    ): Event {
        return Happened\Rescued::from(Stamp::of($id, $step, $at), $fault, $remedy, $liquid, $solid, $means);
    }

    public static function followedUp(string $step, FollowUp $how, string $of, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\FollowedUp(Stamp::of($id, $step, $at), $how, $of);
    }

    public static function moved(string $step, string $place, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Moved(Stamp::of($id, $step, $at), $place);
    }

    public static function takenOver(string $step, string $cook, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\TakenOver(Stamp::of($id, $step, $at), $cook);
    }

    public static function kept(string $step, KeptAs $kept, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\KeptFor(Stamp::of($id, $step, $at), $kept);
    }

    public static function ladledOff(string $step, Volume $volume, string $branch, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\LadledOff(Stamp::of($id, $step, $at), $volume, $branch);
    }

    public static function note(string $step, string $text, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Noted(Stamp::of($id, $step, $at), $text);
    }

    public static function undone(string $step, string $undoes, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\Undone(Stamp::of($id, $step, $at), $undoes);
    }

    public static function takenOff(string $step, DateTimeImmutable $at, string $id = ''): Event
    {
        return new Happened\TakenOff(Stamp::of($id, $step, $at));
    }

    public static function finished(string $step, DateTimeImmutable $at, string $id = '', ?Outcome $outcome = null): Event
    {
        return new Happened\Finished(Stamp::of($id, $step, $at), $outcome);
    }
}
