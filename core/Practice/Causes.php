<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\LentoException;

/**
 * Why a pot came out as it did: everything that was otherwise than at home, or otherwise than on the sheet, is put right alone, and the pot
 * is cooked again. What mends most is the cause.
 */
final readonly class Causes
{
    /** Faults that must go with a cause for it to be one. */
    private const TELLS = 0.15;

    private function __construct() {}

    /** @return list<Blame> the one that mends most first */
    public static function of(Exercise $exercise, Played $played, Outcome $outcome): array
    {
        $causes = [];
        if ($outcome->faults() <= 0.0) {
            return [];
        }
        foreach ((new Mends($exercise, $played))->all() as $mended) {
            $without = self::without($exercise, $mended);
            if ($without === null) {
                continue;
            }
            $faults = $outcome->faults() - $without->faults();
            if ($faults >= self::TELLS) {
                $causes[] = new Blame($mended->cause, $faults, $mended->segments[$mended->segment]->begin->second(), $mended, $without);
            }
        }
        usort($causes, static fn(Blame $a, Blame $b): int => $b->faults <=> $a->faults);

        return $causes;
    }

    /** The pot again, with one thing put right; null where it cannot be cooked so. */
    private static function without(Exercise $exercise, Mended $mended): ?Outcome
    {
        $kitchen = $exercise->in($mended->quirks);
        try {
            return Outcome::of($kitchen, (new PracticePot($kitchen))->again($mended->segments)->standing);
        } catch (LentoException) {
            return null;
        }
    }
}
