<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;

/**
 * Where the cook gave something other than the litres: which litres use up just that.
 *
 * What goes in is the yield times something, plus the steam, which goes by the pan and not by the yield. So each round's draft tells the next
 * yield by proportion, and the steam settles with it.
 */
final readonly class LitresFromGiven
{
    /** @throws NotReachable if the simmer alone would take all of it */
    public static function next(MassBalance $balance, Draft $draft): float
    {
        $given = $balance->question->given;
        $cold = $balance->liquid->density->inGramsPerMillilitre();

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => $draft->litres,
            GivenKind::Liquid => self::scaled($draft->litres, $draft->liquidGrams / $cold, $given->volume?->inMillilitres() ?? 0.0, $draft->evaporatedGrams / $cold),
            GivenKind::Fat => self::scaled($draft->litres, $balance->roux($draft->flourGrams)->fat->inGrams(), $given->mass?->inGrams() ?? 0.0, 0.0),
            GivenKind::ReadyRoux => self::scaled($draft->litres, $balance->cookedRouxGrams($draft->flourGrams, $draft->roux), $given->mass?->inGrams() ?? 0.0, 0.0),
            GivenKind::Pan => self::scaled($draft->litres, $draft->start->millilitres(), self::full($balance), $draft->evaporatedGrams * $balance->waterMillilitresPerGram),
        };
    }

    /** @return float ml that this pan takes before the simmer */
    private static function full(MassBalance $balance): float
    {
        return Warnings::fullAt($balance->question->school) * $balance->question->pan->brim()->inMillilitres();
    }

    /** @param float $steam the part that does not grow with the yield, in the unit of the other two */
    private static function scaled(float $litres, float $used, float $given, float $steam): float
    {
        if ($given <= $steam || $used <= $steam) {
            throw NotReachable::target('a sauce that outlasts this simmer');
        }

        return $litres * ($given - $steam) / ($used - $steam);
    }
}
