<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
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

    /**
     * @param Mass $pan the pan's own mass, which keeps heat
     * @param float $fatToFlour of the roux, by mass: a dry one lumps
     */
    public static function of(
        School $school,
        Mass $roux,
        Temperature $rouxTemperature,
        Mass $liquid,
        Ingredient $kind,
        Mass $pan,
        float $fatToFlour = 1.0,
        Tool $tool = Tool::Whisk,
    ): self {
        $from = Temperature::ofCelsius(min($rouxTemperature->inCelsius(), $school->rouxCelsius()));

        return self::at(
            $school,
            $roux,
            $from,
            $liquid,
            Temperature::ofCelsius($school->liquidCelsius()),
            $kind->heatCapacity(),
            $pan->inGrams() * PanHeat::METAL_CAPACITY,
            new Lumping($tool, $fatToFlour),
        );
    }

    /**
     * The same with everything said.
     *
     * @param float $liquidHeat J/(g K)
     * @param float $panHeat J/K
     */
    public static function at(
        School $school,
        Mass $roux,
        Temperature $rouxTemperature,
        Mass $liquid,
        Temperature $liquidTemperature,
        float $liquidHeat,
        float $panHeat,
        Lumping $lumping,
    ): self {
        $meeting = self::meeting($roux, $rouxTemperature, $liquidTemperature, $panHeat);

        return $roux->kilograms <= 0.0 || $liquid->kilograms <= 0.0
            ? $meeting
            : match ($school) {
                School::RouxIntoBoiling => $meeting->by($meeting->pieces($roux->inGrams(), $liquid->inGrams(), $liquidHeat, $lumping)),
                default => $meeting->by(
                    $meeting->pourBy($school->growth(), $roux->inGrams(), $liquid->inGrams(), $liquidHeat, $panHeat, $lumping),
                ),
            };
    }

    /** Everything in one go: what the schools are measured against. */
    public static function allAtOnce(
        Mass $roux,
        Temperature $rouxTemperature,
        Mass $liquid,
        Temperature $liquidTemperature,
        float $liquidHeat,
        float $panHeat,
        Lumping $lumping,
    ): self {
        $meeting = self::meeting($roux, $rouxTemperature, $liquidTemperature, $panHeat);

        return $meeting->by($meeting->pourBy(INF, $roux->inGrams(), $liquid->inGrams(), $liquidHeat, $panHeat, $lumping));
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
    private function pourBy(float $growth, float $roux, float $liquid, float $liquidHeat, float $panHeat, Lumping $lumping): array
    {
        $pours = [];
        [$inPan, $capacity, $celsius, $left, $slack] = [
            $roux,
            $roux * HeatCapacity::ROUX + $panHeat,
            $this->roux->inCelsius(),
            $liquid,
            false,
        ];
        $liquidCelsius = $this->liquid->inCelsius();
        while ($left > 1e-6 && count($pours) < self::MOST_POURS) {
            $met = ($liquid - $left) / $roux;
            $pour = $met >= self::SLACK ? $left : min($left, $inPan * ($growth - 1.0));
            $pour = $left - $pour < self::REMAINDER * $roux ? $left : $pour;
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

    /** @return list<Pour> roux whisked into boiling liquid, piece by piece; it is slack from the start */
    private function pieces(float $roux, float $liquid, float $liquidHeat, Lumping $lumping): array
    {
        $piece = Curve::clamp($roux / 10.0, 5.0, max(30.0, $roux / 20.0));
        $count = max(1, (int) ceil($roux / $piece - 1e-9));
        $pours = [];
        [$capacity, $celsius] = [$liquid * $liquidHeat, $this->liquid->inCelsius()];
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
    private static function meeting(Mass $roux, Temperature $rouxAt, Temperature $liquidAt, float $panHeat): self
    {
        $steam = ($roux->inGrams() * HeatCapacity::ROUX + $panHeat) * ($rouxAt->inCelsius() - self::BOIL) / HeatCapacity::STEAM;

        return new self([], $rouxAt, $liquidAt, Steam::of($rouxAt), Mass::ofGrams(max(0.0, $steam)));
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
