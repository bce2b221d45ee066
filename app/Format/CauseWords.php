<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Practice\Blame;
use Lento\Practice\Cause;
use Lento\Practice\Quirk;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;

/** Why a practice pot came out as it did, and how one could have told. */
final readonly class CauseWords
{
    /** s */
    private const COUNTED = 120.0;

    private function __construct() {}

    public static function of(Blame $blame): string
    {
        $mended = $blame->mended;
        $quirk = $blame->cause->quirk();

        return $quirk === null
            ? Words::text(
                'practice.cause.' . $blame->cause->value,
                time: self::time(abs($mended->much)),
                grams: Grams::of(Mass::ofGrams(abs($mended->much)))->text(),
                way: Words::text($mended->much < 0.0 ? 'practice.too.little' : 'practice.too.much'),
                what: $mended->what === '' ? '' : Words::ingredient($mended->what),
            )
            : self::quirk($quirk, $mended->much);
    }

    public static function quirk(Quirk $quirk, float $size): string
    {
        return Words::text(
            'practice.cause.' . $quirk->value,
            percent: (string) (int) round(100.0 * abs($size - 1.0)),
            kelvin: (string) (int) round($size),
            time: self::time($size),
        );
    }

    /** In seconds, as long as one counts in them. */
    private static function time(float $seconds): string
    {
        return $seconds < self::COUNTED ? (int) round($seconds) . ' s' : Minutes::text(Duration::ofSeconds($seconds));
    }

    public static function seen(Cause $cause): string
    {
        return Words::text('practice.seen.' . $cause->value);
    }
}
