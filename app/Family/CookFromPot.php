<?php

declare(strict_types=1);

namespace App\Family;

use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Stove\RecordEvents;
use App\Stove\StartPot;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lento\Course\Course;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Stamp;
use Lento\Family\Derived;
use Lento\Plan\Step;

/** Starts a sauce from a pot in hand: its ladle is written down at the pot, which is over where all of it goes on. */
final readonly class CookFromPot
{
    public function __construct(private Kitchen $kitchen, private StartPot $start, private RecordEvents $record) {}

    public function __invoke(Pot $base, Derived $derived, bool $samePan, bool $all, CarbonImmutable $now): Pot
    {
        return DB::transaction(function () use ($base, $derived, $samePan, $all, $now): Pot {
            $plan = $derived->plan(
                $this->kitchen->catalogue()->root($derived->derivative->id),
                (new KitchenWorkplace($this->kitchen))->workplace(),
            );
            [$cook, $place] = [$base->course()->cook, $base->course()->place];
            $pot = ($this->start)($plan, $now, cook: $cook === '' ? null : $cook, place: $samePan ? $place : '');
            if ($base->finished_at === null) {
                $for = (new SauceNames($this->kitchen))->within($derived->derivative->id);
                $ladle = new LadledOff(self::at($base->course()->step(), $now), $derived->taken->volume(), for: $for);
                ($this->record)($base, [Tap::made($ladle, now: true), ...$samePan || $all ? self::over($base->course(), $now) : []], $now);
            }

            return $pot;
        });
    }

    /** @return list<Tap> what closes a pot all of which goes on as something else: nobody measures it */
    private static function over(Course $course, CarbonImmutable $now): array
    {
        $last = $course->steps[count($course->steps) - 1];

        return [
            ...$course->isLast() ? [] : [Tap::made(new Done(self::at($course->step(), $now), $last->id), now: true)],
            Tap::made(new Finished(self::at($last, $now)), now: true),
        ];
    }

    private static function at(Step $step, CarbonImmutable $now): Stamp
    {
        return Stamp::of((string) Str::uuid(), $step->id, $now);
    }
}
