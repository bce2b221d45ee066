<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Quantity\Mass;

/** What is done, or should be, at a practice pot. */
final readonly class DeedWords
{
    /** s that nobody calls waiting. */
    private const AT_ONCE = 3;

    private function __construct() {}

    public static function of(Deed $deed): string
    {
        $way = $deed->way;

        return match (true) {
            $way instanceof HobHeat => Words::text('practice.deeds.heat', level: Words::text('compose.heats.' . $way->value)),
            $deed->kind === DeedKind::Heat => Words::text('practice.deeds.heat-off'),
            $way instanceof SimmerLevel => Words::text('practice.deeds.hold', level: Words::text('practice.levels.' . $way->value)),
            $deed->kind === DeedKind::Stir => Words::text($deed->amount > 0.0 ? 'practice.deeds.stir' : 'practice.deeds.stir-off'),
            $deed->kind === DeedKind::Add => Words::text(
                'practice.deeds.add',
                grams: Grams::of(Mass::ofGrams($deed->amount))->text(),
                what: Words::ingredient($deed->what),
            ),
            in_array($deed->kind, [DeedKind::Whisk, DeedKind::Lid, DeedKind::Skim, DeedKind::Look], true) => Words::text(
                'practice.deeds.' . $deed->kind->value,
            ),
            default => Words::text('practice.deeds.done'),
        };
    }

    /** When to do it is for the cook to see: how long it takes is not said. */
    public static function advice(Deed $deed, int $now): string
    {
        $words = self::of($deed);
        if ($deed->kind === DeedKind::Look) {
            return Words::text('practice.show', what: $words);
        }

        return Words::text('practice.show', what: $deed->at - $now > self::AT_ONCE
            ? Words::text('practice.deeds.wait', what: $words)
            : $words);
    }
}
