<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Eye\CooksEye;
use Lento\Eye\EyeKind;

/** How an eye reads, in words. */
final readonly class EyeWords
{
    /** Normal quantile beyond which one reading in ten lies, to either side. */
    private const ONE_IN_TEN = 1.645;

    private function __construct() {}

    public static function of(CooksEye $eye): string
    {
        if ($eye->readings < CooksEye::FEWEST) {
            return $eye->readings === 0
                ? Words::text('practice.eye.none')
                : trans_choice('practice.eye.few', $eye->readings, ['count' => $eye->readings]);
        }
        $lean = Words::text('practice.eye.even', count: $eye->readings);
        if ($eye->leans()) {
            $way = 'practice.eye.leans.' . $eye->kind->value . '.' . ($eye->lean > 0.0 ? 'more' : 'less');
            $lean = Words::text($way, much: self::much($eye->lean, $eye->kind)) . ', '
                . Words::text('practice.eye.band', band: self::much($eye->band, $eye->kind), count: $eye->readings);
        }
        $scatter = self::much(self::ONE_IN_TEN * $eye->scatter, $eye->kind);

        return ucfirst($lean) . '; ' . Words::text('practice.eye.scatter', scatter: $scatter) . '.';
    }

    private static function much(float $error, EyeKind $kind): string
    {
        return $kind === EyeKind::Shade ? number_format(abs($error), 1) : round(100.0 * (exp(abs($error)) - 1.0)) . ' %';
    }
}
