<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Forecast\Band;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Stove\Catching;
use Lento\Stove\MoveKind;
use Lento\Stove\NextMove;
use Lento\Stove\PotWatch;
use Lento\Stove\RouxWatch;
use Lento\Stove\SauceWatch;

/** What a watched pot is and will be, in the few words that are read from across the kitchen. */
final readonly class WatchWords
{
    /** "lift it in about 3 min (2–4)" */
    public static function roux(RouxWatch $roux): string
    {
        return $roux->curve->arrives === null
            ? Words::text($roux->now->shade->value >= $roux->lifts->value ? 'stove.roux.there' : 'stove.roux.never')
            : Words::text('stove.roux.lifts', minutes: Bands::minutes($roux->curve->arrives));
    }

    /** "54 mm notch in about 11 min (8–15)" */
    public static function notch(SauceWatch $sauce, Length $notch): string
    {
        $mm = self::millimetres($notch);

        return match (true) {
            $sauce->curve->arrives !== null => Words::text('stove.notch.in', mm: $mm, minutes: Bands::minutes($sauce->curve->arrives)),
            $sauce->reckoning->depth()->metres <= $notch->metres => Words::text('stove.notch.at', mm: $mm),
            default => Words::text('stove.notch.never', mm: $mm),
        };
    }

    /** "coating then: 58 g/l (51–66)" */
    public static function then(SauceWatch $sauce): string
    {
        $class = Words::text('thickness.class.' . $sauce->thicknessThen->thicknessClass()->value);

        return Words::text(
            $sauce->left->seconds > 0.0 ? 'stove.then_class' : 'stove.now_class',
            class: $class,
            thickness: Bands::thickness($sauce->thicknessThen),
        );
    }

    /** "at this rate it catches: stir, or heat 2" */
    public static function catching(Catching $catching): string
    {
        if (!$catching->threatens()) {
            return '';
        }
        $help = [
            ...($catching->stirringHelps ? [Words::text('stove.catch.stir')] : []),
            ...($catching->calmer === null ? [] : [Words::text('stove.catch.heat', heat: EventWords::heat($catching->calmer))]),
        ];

        return Words::text(
            'stove.catch.warns',
            help: $help === [] ? Words::text('stove.catch.off') : implode(Words::text('stove.catch.or'), $help),
        );
    }

    /** The next move, as an order with its amount: "Pour in 0.12 l hot stock" */
    public static function move(NextMove $move, PotWatch $pot): string
    {
        return match ($move->kind) {
            MoveKind::Thin => Words::text(
                'stove.move.thin',
                amount: Litres::of($move->liquid ?? Volume::ofMillilitres(0.0))->text(),
                liquid: Words::ingredient($pot->plan->making->liquid ?? ''),
            ),
            MoveKind::Thicken => Words::text(
                'stove.move.thicken.' . ($move->means->value ?? 'beurre-manie'),
                flour: Grams::of($move->thickener ?? Mass::ofGrams(0.0))->text(),
                butter: Grams::of($move->butter ?? Mass::ofGrams(0.0))->text(),
                water: Grams::of($move->water ?? Mass::ofGrams(0.0))->text(),
            ),
            MoveKind::Reduce => Words::text('stove.move.reduce', mm: self::millimetres($move->depth ?? Length::ofMetres(0.0))),
            default => Words::text('stove.move.' . $move->kind->value),
        };
    }

    /** What the move costs and leads to: "about 4 min at the boil, then coating, 58 g/l" */
    public static function moveThen(NextMove $move): string
    {
        $class = Words::text('thickness.class.' . $move->then->thicknessClass()->value);
        $then = Words::text('stove.move.then', class: $class, grams: sprintf('%.0F', $move->then->gramsPerLitre));

        return $move->time->seconds < 30.0 ? $then : Words::text('stove.move.takes', minutes: self::minutes($move->time), then: $then);
    }

    public static function minutes(Duration $time): int
    {
        return max(1, (int) ceil($time->inMinutes() - 0.05));
    }

    public static function millimetres(Length $length): string
    {
        return sprintf('%.0F', $length->inMillimetres());
    }

    /** "in about 12 min (9–16)" */
    public static function in(Band $band): string
    {
        return Words::text('stove.in', minutes: Bands::minutes($band));
    }
}
