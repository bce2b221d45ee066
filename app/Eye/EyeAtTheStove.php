<?php

declare(strict_types=1);

namespace App\Eye;

use App\Models\EyeReading;
use App\Models\EyeWish;
use Lento\Course\ReadingKind;
use Lento\Eye\CooksEye;
use Lento\Eye\EyeCall;
use Lento\Eye\EyeKind;

/** The eye of whoever stands here, if they let it be used: as the error of what they read, instead of the house's. */
final readonly class EyeAtTheStove
{
    private function __construct() {}

    /** @return float|null null where nobody is known, nothing is allowed, or too little was read */
    public static function error(ReadingKind $reading): ?float
    {
        $kind = match ($reading) {
            ReadingKind::Colour => EyeKind::Shade,
            ReadingKind::Spoon => EyeKind::Spoon,
            default => null,
        };
        $who = Trainee::here();
        if ($kind === null || !EyeWish::query()->where('cook_key', $who->key)->where('at_the_stove', true)->exists()) {
            return null;
        }
        $eye = self::of($who->key, $kind);

        // What it leans by is an error too, as long as nobody takes it off.
        return $eye->readings < CooksEye::FEWEST ? null : hypot($eye->error(), $eye->lean);
    }

    public static function of(string $key, EyeKind $kind): CooksEye
    {
        $calls = [];
        foreach (EyeReading::query()->where('cook_key', $key)->where('kind', $kind)->latest('id')->limit(200)->get() as $one) {
            $calls[] = new EyeCall($kind, $one->called, $one->actual);
        }

        return CooksEye::of($kind, $calls);
    }
}
