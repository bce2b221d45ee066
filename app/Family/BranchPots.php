<?php

declare(strict_types=1);

namespace App\Family;

use App\Models\Pot;
use App\Models\Service;
use App\Pages\Family\PotState;
use App\Stove\StoredEvents;
use Lento\Compose\StepKind;
use Lento\Course\EventKind;

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
            if ($pot->branch !== null && ($pot->finished_at === null || $pot->outcome !== null)) {
                $pots[$pot->branch] = $pot;
            }
        }

        return $pots;
    }

    /** @return array<string, PotState> by key */
    public static function states(Service $service): array
    {
        return array_map(static function (Pot $pot): PotState {
            $ladles = [];
            foreach (StoredEvents::of($pot->id) as $event) {
                if ($event->kind === EventKind::LadledOff && $event->id !== '') {
                    $ladles[CookBranch::keyOf($event->id)] = $event->at;
                }
            }

            return new PotState($pot->id, $pot->finished_at, $ladles, $pot->finished_at !== null || in_array($pot->course()->step()->kind, self::READY, true));
        }, self::of($service));
    }
}
