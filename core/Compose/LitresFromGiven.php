<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;

/**
 * Where the cook gave something other than the litres: how much of it a draft uses up, and which litres use up just that.
 *
 * What goes in is the yield times something, plus the steam, which goes by the pan and not by the yield. So each round's draft tells the
 * next yield by proportion, and the steam settles with it. Where the pot is reduced by a share, the steam goes by the yield too. What was
 * added in grams does not grow with the yield either: where that is much, two drafts tell more than a proportion.
 */
final readonly class LitresFromGiven
{
    /** Times the litres of one round that those of the next may be, where two drafts tell it. */
    private const FURTHEST = 2.0;

    /**
     * @param float $litres of the draft
     * @param float $used of what is given, in its own unit
     * @param float $steam the part of it that does not grow with the yield
     */
    private function __construct(public float $litres, private float $used, private float $given, private float $steam) {}

    /** @throws NotReachable if a base without a roux is asked for by its fat or roux */
    public static function of(MassBalance $balance, Draft $draft): self
    {
        $given = $balance->question->given;
        $question = $balance->question;
        $cold = $balance->liquid->kind->density->inGramsPerMillilitre();
        $steam = $question->reduceBy === null && ($question->base->hasRoux() || $question->byTheClock) ? $draft->steamedOff() : 0.0;
        if (!$question->base->hasRoux() && in_array($given->kind, [GivenKind::Fat, GivenKind::ReadyRoux], true)) {
            throw NotReachable::target('sauce-without-a-roux-of-its-own-worked-out-from-fat-or-roux');
        }

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => new self($draft->litres, $draft->litres, $draft->litres, 0.0),
            GivenKind::Liquid => new self(
                $draft->litres,
                $draft->liquidGrams / $cold,
                ($given->volume?->inMillilitres() ?? 0.0) / $question->formula->share(),
                $steam / $cold,
            ),
            GivenKind::Fat => new self(
                $draft->litres,
                $balance->roux($draft->flourGrams)->fat->inGrams(),
                $given->mass?->inGrams() ?? 0.0,
                0.0,
            ),
            GivenKind::ReadyRoux => new self(
                $draft->litres,
                $balance->cookedRouxGrams($draft->flourGrams, $draft->roux),
                $given->mass?->inGrams() ?? 0.0,
                0.0,
            ),
            GivenKind::Pan => new self(
                $draft->litres,
                $draft->start->millilitres(),
                self::full($balance),
                $steam * $balance->waterMillilitresPerGram,
            ),
        };
    }

    /** @return float share by which the draft uses more than there is; below 0 where something would be left */
    public function over(): float
    {
        return ($this->used - $this->given) / $this->given;
    }

    /**
     * @return float litres by proportion
     *
     * @throws NotReachable if the simmer alone would take all of it
     */
    public function next(): float
    {
        if ($this->given <= $this->steam || $this->used <= $this->steam) {
            throw NotReachable::target('sauce-that-outlasts-this-simmer');
        }

        return $this->litres * ($this->given - $this->steam) / ($this->used - $this->steam);
    }

    /**
     * @return float litres where the line through two drafts crosses what is given; by proportion where they tell nothing
     *
     * @throws NotReachable if the simmer alone would take all of it
     */
    public function nextAfter(self $before): float
    {
        $apart = $this->litres - $before->litres;
        $steep = abs($apart) > 0.0 ? ($this->used - $before->used) / $apart : 0.0;
        if ($steep <= 0.0) {
            return $this->next();
        }

        return max(
            $this->litres / self::FURTHEST,
            min($this->litres * self::FURTHEST, $this->litres - ($this->used - $this->given) / $steep),
        );
    }

    /** @return float ml that this pan takes before the simmer */
    private static function full(MassBalance $balance): float
    {
        return Warnings::fullAt($balance->question->school) * $balance->question->pan->brim()->inMillilitres();
    }
}
