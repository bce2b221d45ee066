<?php

declare(strict_types=1);

namespace App\Family;

use App\Models\Pot;
use App\Models\Service;
use Lento\Plan\StepKind;

/** The pots of a service, by the sauce that each is; one that was taken off before its end does not count. */
final readonly class BranchPots
{
    /** Steps from which on a pot is off its simmer. */
    private const READY = [StepKind::Enrich, StepKind::Garnish, StepKind::Keep, StepKind::Finish, StepKind::Free];

    /** @return array<string, Pot> the last of each, by key */
    public static function of(Service $service): array
    {
        $pots = [];
        foreach ($service->pots()->orderBy('id')->get() as $pot) {
            if ($pot->branch !== null && !$pot->given_up) {
                $pots[$pot->branch] = $pot;
            }
        }

        return $pots;
    }

    /** @return array<string, BranchState> by key */
    public static function states(Service $service): array
    {
        return array_map(static function (Pot $pot): BranchState {
            $course = $pot->course();
            $ladles = [];
            foreach ($course->ladles() as $ladle) {
                $ladles[$ladle->branch] = $ladle->at;
            }

            return new BranchState(
                $pot->id,
                $pot->finished_at,
                $ladles,
                $pot->finished_at !== null || in_array($course->step()->kind, self::READY, true),
            );
        }, self::of($service));
    }
}
