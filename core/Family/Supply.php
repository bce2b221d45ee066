<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\LentoException;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** A base that is there, and what else is: what can be made of it, and how it is best shared among wishes. */
final readonly class Supply
{
    /** The name of the base among the things that run out. */
    public const BASE = 'base';

    /** l: less of a sauce is not worth a pan. */
    private const LEAST = 0.01;

    /** @param array<string, Mass> $onHand by ingredient; what is not named is taken as plenty */
    private function __construct(private Stem $stem, private array $onHand, private Workplace $workplace) {}

    /** @param array<string, Mass> $onHand by ingredient; what is not named is taken as plenty */
    public static function of(Stem $stem, array $onHand, Workplace $workplace): self
    {
        return new self($stem, $onHand, $workplace);
    }

    /**
     * @param list<Derivative> $derivatives
     *
     * @return list<Possible> those of which anything can be made
     */
    public function possible(array $derivatives): array
    {
        $possible = [];
        foreach ($derivatives as $derivative) {
            [$atMost, $limitedBy] = $this->most($derivative);
            if ($atMost < self::LEAST) {
                continue;
            }
            $taken = Volume::ofLitres($atMost);
            $possible[] = new Possible(
                $derivative,
                $taken,
                Deriving::of($derivative, $this->stem->taken($taken), $this->workplace),
                $limitedBy,
            );
        }

        return $possible;
    }

    /**
     * Fairly: every wish is filled to the same part of what it asked for, until something it needs runs out; then the others go on.
     *
     * @param list<array{Derivative, Volume}> $wishes with the litres wanted of each
     *
     * @return list<Share> in their order
     */
    public function split(array $wishes): array
    {
        $needs = array_map(fn(array $wish): array => $this->needs($wish[0], $wish[1]), $wishes);
        $left = [
            self::BASE => $this->stem->volume()->inLitres(),
            ...array_map(static fn(Mass $mass): float => $mass->inGrams(), $this->onHand),
        ];
        $parts = array_fill(0, count($wishes), 0.0);
        $ranOut = array_fill(0, count($wishes), null);
        $filling = array_keys($wishes);
        while ($filling !== []) {
            [$step, $scarce] = self::next($filling, $parts, $needs, $left);
            foreach ($filling as $i) {
                $parts[$i] += $step;
                foreach ($needs[$i] as $what => $much) {
                    if (isset($left[$what])) {
                        $left[$what] -= $step * $much;
                    }
                }
            }
            foreach ($filling as $i) {
                $ranOut[$i] = $parts[$i] < 1.0 - 1e-9 && $scarce !== null && ($needs[$i][$scarce] ?? 0.0) > 0.0 ? $scarce : $ranOut[$i];
            }
            $filling = array_values(array_filter($filling, static fn(int $i): bool => $ranOut[$i] === null && $parts[$i] < 1.0 - 1e-9));
        }

        return array_map(
            fn(array $wish, int $i): Share => new Share(
                $wish[0],
                $wish[1]->inLitres(),
                $this->part($needs[$i], $wish[0], $parts[$i]),
                $ranOut[$i],
            ),
            $wishes,
            array_keys($wishes),
        );
    }

    /**
     * How much further every wish that is still being filled can go, and what stops it.
     *
     * @param list<int> $filling
     * @param array<int, float> $parts
     * @param array<int, array<string, float>> $needs
     * @param array<string, float> $left
     *
     * @return array{float, string|null}
     */
    private static function next(array $filling, array $parts, array $needs, array $left): array
    {
        [$step, $scarce] = [1.0 - max([0.0, ...array_map(static fn(int $i): float => $parts[$i], $filling)]), null];
        foreach ($left as $what => $much) {
            $rate = array_sum(array_map(static fn(int $i): float => $needs[$i][$what] ?? 0.0, $filling));
            if ($rate > 0.0 && max(0.0, $much) / $rate < $step) {
                [$step, $scarce] = [max(0.0, $much) / $rate, $what];
            }
        }

        return [$step, $scarce];
    }

    /** @return array<string, float> litres of the base, and g of each thing, that all of a wish takes */
    private function needs(Derivative $derivative, Volume $wanted): array
    {
        try {
            $taken = Deriving::yielding($derivative, $this->stem, $wanted, $this->workplace)->taken->volume();
        } catch (LentoException) {
            $taken = $wanted;
        }
        $needs = [self::BASE => $taken->inLitres()];
        foreach ($derivative->doses() as $dose) {
            $needs[$dose->ingredient] = ($needs[$dose->ingredient] ?? 0.0) + $dose->mass($taken, $this->workplace->larder)->inGrams();
        }

        return $needs;
    }

    /** @param array<string, float> $needs */
    private function part(array $needs, Derivative $derivative, float $part): ?Derived
    {
        $litres = $part * $needs[self::BASE];

        return $litres < self::LEAST ? null : Deriving::of($derivative, $this->stem->taken(Volume::ofLitres($litres)), $this->workplace);
    }

    /** @return array{float, string|null} litres of the base that can go into it, and what runs out first */
    private function most(Derivative $derivative): array
    {
        [$litres, $limitedBy] = [$this->stem->volume()->inLitres(), null];
        $one = Volume::ofLitres(1.0);
        $perLitre = [];
        foreach ($derivative->doses() as $dose) {
            $perLitre[$dose->ingredient] = ($perLitre[$dose->ingredient] ?? 0.0) + $dose->mass($one, $this->workplace->larder)->inGrams();
        }
        foreach ($perLitre as $ingredient => $grams) {
            $have = $this->onHand[$ingredient] ?? null;
            if ($have !== null && $grams > 0.0 && $have->inGrams() / $grams < $litres) {
                [$litres, $limitedBy] = [$have->inGrams() / $grams, $ingredient];
            }
        }

        return [$litres, $limitedBy];
    }
}
