<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateTimeImmutable;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingOutlook;
use Lento\Keeping\LeastChange;
use Lento\Keeping\Place;
use Lento\Keeping\Stint;
use Lento\Keeping\Verdict;
use Lento\Keeping\Way;

/** What can still be done, from now on, so that a tub passes the gates that are open. */
final readonly class Fixes
{
    private const MOST = 3;

    public function __construct(private LeastChange $change) {}

    /** @return list<Fix> the least change first; those that are sure before those that are only likely */
    public function of(Tub $tub, DateTimeImmutable $now): array
    {
        $outlook = $tub->outlook();
        $place = $tub->spot()->place();
        if ($outlook === null || $place === null || $tub->verdict($now) !== Verdict::Open) {
            return [];
        }
        [$sure, $likely] = [[], []];
        foreach ($this->change->candidates(Way::of($tub->vessel(), 1, $place), $tub->volume()) as $way) {
            $then = self::then($tub, $outlook, $way, $now);
            if (self::meets($tub, $then, $now, sure: true)) {
                $sure[] = new Fix($way, $then, true);
            } elseif ($sure === [] && self::meets($tub, $then, $now, sure: false)) {
                $likely[] = new Fix($way, $then, false);
            }
            if (count($sure) === self::MOST) {
                break;
            }
        }

        return array_slice([...$sure, ...$likely], 0, self::MOST);
    }

    /** Until then it can be waited and seen; null where no gate is open. */
    public static function until(Tub $tub, DateTimeImmutable $now): ?DateTimeImmutable
    {
        foreach ($tub->gates($now) as $gate) {
            if ($gate->verdict === Verdict::Open && $gate->deadline() !== null) {
                return $gate->deadline();
            }
        }

        return null;
    }

    private static function then(Tub $tub, CoolingOutlook $outlook, Way $way, DateTimeImmutable $now): CoolingOutlook
    {
        $filled = $way->vessel->filled($way->each($tub->volume()));
        $stands = Cooling::of($filled, $way->place, $tub->lot->viscosity());
        if (!$way->onIceFirst) {
            return $outlook->with(new Stint($now, $stands));
        }
        $onIce = $outlook->with(new Stint($now, Cooling::of($filled, Place::IceBathStirred, $tub->lot->viscosity())));
        $off = $onIce->reaches(Way::iceUntil());

        return $off === null ? $onIce : $onIce->and(new Stint(max($off, $now), $stands));
    }

    private static function meets(Tub $tub, CoolingOutlook $outlook, DateTimeImmutable $now, bool $sure): bool
    {
        foreach ($tub->gates($now) as $gate) {
            $deadline = $gate->deadline();
            if ($gate->verdict !== Verdict::Open || $deadline === null) {
                continue;
            }
            $arrives = $outlook->reaches($gate->stage->to);
            if ($sure ? !$outlook->meets($gate->stage->to, $deadline, $now) : $arrives === null || $arrives > $deadline) {
                return false;
            }
        }

        return true;
    }
}
