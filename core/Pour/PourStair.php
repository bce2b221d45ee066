<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Heat\HeatCapacity;
use Lento\Larder\Ingredient;
use Lento\Numerics\Curve;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;

/**
 * Bringing roux and liquid together by steps: how many, how much each, and how warm the pan is after each.
 *
 * Each pour may grow the mass in the pan by a school's factor until four parts of liquid have met one of roux; then the rest goes in.
 * Source: docs/model.md, C (mixing is physics; the growth factors rank schools).
 */
final readonly class PourStair
{
    /** °C. */
    private const BOIL = 100.0;

    /** Parts of liquid to one of roux at which the mass runs like cream. */
    private const SLACK = 4.0;

    /** A remainder smaller than this share of the roux goes in with the pour before it. */
    private const REMAINDER = 0.15;

    private const MOST_POURS = 20;

    /**
     * @param list<Pour> $pours
     * @param Mass $steamAtMost what would flash off if all the roux's and the pan's heat above the boil went into steam
     */
    private function __construct(
        public array $pours,
        public Temperature $roux,
        public Temperature $liquid,
        public Steam $steam,
        public Mass $steamAtMost,
    ) {}

    /** As a school has it: the roux let down as far as it wants, the liquid as hot as it wants. */
    public static function of(School $school, RouxInPan $roux, Mass $liquid, Ingredient $kind, Lumping $lumping): self
    {
        return self::at(
            $school,
            $roux->letDownFor($school),
            PouredLiquid::of($school, $liquid, $kind),
            $lumping,
        );
    }

    /** The same with everything said. */
    public static function at(School $school, RouxInPan $roux, PouredLiquid $liquid, Lumping $lumping): self
    {
        $meeting = self::meeting($roux, $liquid->temperature);

        return $roux->roux->kilograms <= 0.0 || $liquid->mass->kilograms <= 0.0
            ? $meeting
            : match ($school) {
                School::RouxIntoBoiling => $meeting->by($meeting->pieces($roux->roux->inGrams(), $liquid, $lumping)),
                default => $meeting->by($meeting->pourBy($school->growth(), $roux, $liquid, $lumping)),
            };
    }

    /** Everything in one go: what the schools are measured against. */
    public static function allAtOnce(RouxInPan $roux, PouredLiquid $liquid, Lumping $lumping): self
    {
        $meeting = self::meeting($roux, $liquid->temperature);

        return $meeting->by($meeting->pourBy(INF, $roux, $liquid, $lumping));
    }

    /** @return float 0 to 1, ranks ways of working; no probability */
    public function lumpRank(): float
    {
        return 1.0 - array_product(array_map(static fn(Pour $pour): float => 1.0 - $pour->lumpRank, $this->pours));
    }

    public function lumpRisk(): Risk
    {
        return Risk::of($this->lumpRank());
    }

    /** @param list<Pour> $pours */
    private function by(array $pours): self
    {
        return new self($pours, $this->roux, $this->liquid, $this->steam, $this->steamAtMost);
    }

    /** @return list<Pour> */
    private function pourBy(float $growth, RouxInPan $from, PouredLiquid $poured, Lumping $lumping): array
    {
        $pours = [];
        [$roux, $liquid, $liquidHeat] = [$from->roux->inGrams(), $poured->mass->inGrams(), $poured->heat];
        [$inPan, $capacity, $celsius, $left, $slack] = [$roux, $from->capacity(), $this->roux->inCelsius(), $liquid, false];
        $liquidCelsius = $this->liquid->inCelsius();
        while ($left > 1e-6 && count($pours) < self::MOST_POURS) {
            $met = ($liquid - $left) / $roux;
            $pour = self::next($growth, $roux, $liquid, $left, $inPan);
            [$mixed, $steam] = self::mixed($capacity, $celsius, $pour, $liquidHeat, $liquidCelsius);
            $rank = $lumping->ofPour($celsius, $liquidCelsius, $mixed, $pour / $inPan, $met);
            $inPan += $pour - $steam;
            $capacity += ($pour - $steam) * $liquidHeat;
            $left -= $pour;
            $reached = !$slack && (($liquid - $left) / $roux >= self::SLACK || $left <= 1e-6);
            $slack = $slack || $reached;
            $pours[] = new Pour(Mass::ofGrams($pour), Temperature::ofCelsius($mixed), $reached, $rank);
            $celsius = $mixed;
        }

        return $pours;
    }

    /**
     * @internal plain numbers for inner loops, in g
     *
     * @param float $growth of what is in the pan
     * @param float $left of the liquid that is not in yet
     *
     * @return float how much the next pour is
     */
    public static function next(float $growth, float $roux, float $liquid, float $left, float $inPan): float
    {
        $pour = ($liquid - $left) / $roux >= self::SLACK ? $left : min($left, $inPan * ($growth - 1.0));

        return $left - $pour < self::REMAINDER * $roux ? $left : $pour;
    }

    /** @return list<Pour> roux whisked into boiling liquid, piece by piece; it is slack from the start */
    private function pieces(float $roux, PouredLiquid $liquid, Lumping $lumping): array
    {
        $piece = Curve::clamp($roux / 10.0, 5.0, max(30.0, $roux / 20.0));
        $count = max(1, (int) ceil($roux / $piece - 1e-9));
        $pours = [];
        [$capacity, $celsius] = [$liquid->mass->inGrams() * $liquid->heat, $this->liquid->inCelsius()];
        for ($i = 0; $i < $count; $i++) {
            $grams = min($piece, $roux - $i * $piece);
            $rank = $lumping->ofPiece($this->roux->inCelsius(), $celsius, $grams, $count);
            [$celsius] = self::mixed($capacity, $celsius, $grams, HeatCapacity::ROUX, $this->roux->inCelsius());
            $capacity += $grams * HeatCapacity::ROUX;
            $pours[] = new Pour(Mass::ofGrams($grams), Temperature::ofCelsius($celsius), $i === 0, $rank);
        }

        return $pours;
    }

    /** Roux and liquid before they touch. */
    private static function meeting(RouxInPan $roux, Temperature $liquidAt): self
    {
        $steam = $roux->capacity() * ($roux->temperature->inCelsius() - self::BOIL) / HeatCapacity::STEAM;

        return new self([], $roux->temperature, $liquidAt, Steam::of($roux->temperature), Mass::ofGrams(max(0.0, $steam)));
    }

    /** @return array{float, float} °C after mixing, g turned to steam */
    private static function mixed(float $capacity, float $celsius, float $grams, float $gramCapacity, float $gramCelsius): array
    {
        $added = $grams * $gramCapacity;
        $mixed = ($capacity * $celsius + $added * $gramCelsius) / ($capacity + $added);
        if ($mixed <= self::BOIL) {
            return [$mixed, 0.0];
        }
        $steam = min($grams, ($capacity + $added) * ($mixed - self::BOIL) / HeatCapacity::STEAM);

        return [$steam < $grams ? self::BOIL : $mixed, $steam];
    }
}
