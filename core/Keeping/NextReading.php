<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateTimeImmutable;

/**
 * When somebody is to look at the thermometer next: where a gate is to be passed, before it shuts, and never long after the last look.
 *
 * The minutes are ours: a look an hour is what a kitchen can do, a look in ten minutes what nobody does.
 */
final readonly class NextReading
{
    /** s between two looks at most and at least. */
    private const MOST = 2700;

    private const LEAST = 600;

    /** s before a gate shuts: time to do something still. */
    private const BEFORE = 900;

    /** s after the likely arrival, so that the reading goes through it. */
    private const AFTER = 120;

    /**
     * @param non-empty-list<Gate> $gates
     *
     * @return DateTimeImmutable|null null where no gate is open any more
     */
    public static function of(CoolingOutlook $outlook, array $gates): ?DateTimeImmutable
    {
        $last = $outlook->last()->at;
        $soonest = null;
        foreach ($gates as $gate) {
            if ($gate->verdict !== Verdict::Open) {
                continue;
            }
            $wanted = [$last->modify('+' . self::MOST . ' seconds')];
            $arrives = $outlook->reaches($gate->stage->to);
            $wanted[] = $arrives?->modify('+' . self::AFTER . ' seconds');
            $wanted[] = $gate->deadline()?->modify('-' . self::BEFORE . ' seconds');
            $soonest = min([$soonest ?? $wanted[0], ...array_filter($wanted, static fn(?DateTimeImmutable $one): bool => $one !== null)]);
        }

        return $soonest === null ? null : max($soonest, $last->modify('+' . self::LEAST . ' seconds'));
    }
}
