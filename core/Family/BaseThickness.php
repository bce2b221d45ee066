<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Question;
use Lento\Exception\NotReachable;
use Lento\Numerics\Root;
use Lento\Rescue\Consistency;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Lento\Thickness\ThicknessClass;

/**
 * How thick a base is made so that as much as can be of what is served from it lands in its class: cheese thickens, cream thins, a
 * reduction concentrates, and one pot serves them all.
 *
 * For each sauce the strengths of the base's starch are sought between which it is in its class; where these ranges meet, the base is made
 * as near to its usual thickness as they allow. Where they do not meet, the most litres win, and the others are corrected one by one.
 */
final readonly class BaseThickness
{
    /** Strengths of the starch against the usual, between which is sought. */
    private const WEAKEST = 0.25;

    private const STRONGEST = 4.0;

    /** To which such a strength is found: a class has no sharper edge. */
    private const FINE = 1e-3;

    /** Share of a range by which its ends are avoided: a pot is never that exact. */
    private const WITHIN = 0.03;

    /** @param list<Suits> $suits one for each sauce that is served */
    private function __construct(public EquivalentFlour $thickness, public array $suits) {}

    /**
     * @param Stem $base as it is usually made
     * @param array<string, array{Derived, float}> $served by key, worked out from that base without corrections, with the litres served
     */
    public static function for(Stem $base, array $served): self
    {
        $ranges = array_map(static fn(array $one): array => [...self::range($one[0]), self::preferred($one[0]), $one[1]], $served);
        $factor = self::best($ranges);
        $suits = [];
        foreach ($ranges as $key => [$from, $to]) {
            $suits[] = new Suits(
                $key,
                $base->withStarch($from)->thickness(),
                $base->withStarch($to)->thickness(),
                $factor >= $from && $factor <= $to,
            );
        }

        return new self(self::asked($factor === 1.0 ? $base->thickness() : $base->withStarch($factor)->thickness()), $suits);
    }

    /** Whether one pot serves all of them as it is. */
    public function servesAll(): bool
    {
        return array_filter($this->suits, static fn(Suits $one): bool => !$one->suited) === [];
    }

    /** @return array{float, float} strengths between which it is in its class */
    private static function range(Derived $derived): array
    {
        $class = $derived->derivative->class;

        return [
            self::strengthFor($derived->uncorrected, $class->least()),
            $class === ThicknessClass::Binding ? self::STRONGEST : self::strengthFor($derived->uncorrected, $class->most()),
        ];
    }

    private static function strengthFor(Sauce $sauce, EquivalentFlour $thickness): float
    {
        $goal = Consistency::of($thickness);
        $thickEnough = static fn(float $factor): float => Consistency::ofSauce($sauce->starchTimes($factor)) - $goal;
        try {
            return (new Root(self::FINE))->of($thickEnough, self::WEAKEST, self::STRONGEST, 'thickness-of-this-base');
        } catch (NotReachable) {
            // Past it at its weakest, or short of it at its strongest.
            return $thickEnough(self::WEAKEST) > 0.0 ? self::WEAKEST : self::STRONGEST;
        }
    }

    /** Served as it is, it is made as thick as was asked for; for what is made of it, as thick as usual. */
    private static function preferred(Derived $derived): float
    {
        return $derived->derivative->procedure->acts === [] && !$derived->isInItsClass()
            ? self::strengthFor($derived->uncorrected, $derived->derivative->class->target())
            : 1.0;
    }

    /**
     * The most litres in their class; among as good ones, the nearest to what each would like best.
     *
     * @param array<string, array{float, float, float, float}> $ranges from, to, preferred, litres
     */
    private static function best(array $ranges): float
    {
        $candidates = [1.0];
        foreach ($ranges as [$from, $to, $preferred]) {
            $candidates = [...$candidates, $preferred, $from * (1.0 + self::WITHIN), $to * (1.0 - self::WITHIN)];
        }
        [$best, $most, $least] = [1.0, -1.0, INF];
        foreach ($candidates as $factor) {
            [$litres, $off] = [0.0, 0.0];
            foreach ($ranges as [$from, $to, $preferred, $served]) {
                $litres += $factor >= $from && $factor <= $to ? $served : 0.0;
                $off += $served * abs(log($factor / $preferred));
            }
            if ($litres > $most + 1e-9 || $litres > $most - 1e-9 && $off < $least) {
                [$best, $most, $least] = [$factor, $litres, $off];
            }
        }

        return $best;
    }

    /** Within what a roux sauce can be asked for. */
    private static function asked(EquivalentFlour $thickness): EquivalentFlour
    {
        return EquivalentFlour::ofGramsPerLitre(min(Question::MOST_THICKNESS, max(Question::LEAST_THICKNESS, $thickness->gramsPerLitre)));
    }
}
