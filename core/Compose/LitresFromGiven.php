<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;

/**
 * Where the cook gave something other than the litres: which litres use up just that.
 *
 * What goes in is the yield times something, plus the steam, which goes by the pan and not by the yield. So each round's draft tells the
 * next
 * yield by proportion, and the steam settles with it. Where the pot is reduced by a share, the steam goes by the yield too.
 */
final readonly class LitresFromGiven
{
    /** @throws NotReachable if the simmer alone would take all of it, or a base without a roux is asked for by its fat or roux */
    public static function next(MassBalance $balance, Draft $draft): float
    {
        $given = $balance->question->given;
        $question = $balance->question;
        $cold = $balance->liquid->kind->density->inGramsPerMillilitre();
        $steam = $question->reduceBy === null && ($question->base->hasRoux() || $question->byTheClock) ? $draft->steamedOff() : 0.0;
        if (!$question->base->hasRoux() && in_array($given->kind, [GivenKind::Fat, GivenKind::ReadyRoux], true)) {
            throw NotReachable::target('sauce-without-a-roux-of-its-own-worked-out-from-fat-or-roux');
        }

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => $draft->litres,
            GivenKind::Liquid => self::scaled(
                $draft->litres,
                $draft->liquidGrams / $cold,
                ($given->volume?->inMillilitres() ?? 0.0) / $question->formula->share(),
                $steam / $cold,
            ),
            GivenKind::Fat => self::scaled(
                $draft->litres,
                $balance->roux($draft->flourGrams)->fat->inGrams(),
                $given->mass?->inGrams() ?? 0.0,
                0.0,
            ),
            GivenKind::ReadyRoux => self::scaled(
                $draft->litres,
                $balance->cookedRouxGrams($draft->flourGrams, $draft->roux),
                $given->mass?->inGrams() ?? 0.0,
                0.0,
            ),
            GivenKind::Pan => self::scaled(
                $draft->litres,
                $draft->start->millilitres(),
                self::full($balance),
                $steam * $balance->waterMillilitresPerGram,
            ),
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
            throw NotReachable::target('sauce-that-outlasts-this-simmer');
        }

        return $litres * ($given - $steam) / ($used - $steam);
    }
}
