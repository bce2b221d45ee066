<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Closure;
use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Numerics\Root;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;

/** What a test at the stove says of a sauce: by how much its thickener does more, or less, than was believed. */
final readonly class MeasuredThickness
{
    /** Readings that need a factor outside this are read wrong, or taken of another sauce. */
    private const LEAST = 0.3;

    private const MOST = 3.0;

    private function __construct(public float $factor, public Sauce $sauce) {}

    /** @throws NotReachable if no strength of the thickener gives the reading */
    public static function fromLineSpread(Sauce $believed, Temperature $temperature, Length $radius): self
    {
        return self::matching(
            $believed,
            static fn(Sauce $sauce): float => $radius->metres - LineSpread::radius(Flow::of($sauce, $temperature))->metres,
        );
    }

    /** @throws NotReachable if no strength of the thickener gives the reading */
    public static function fromFunnel(Sauce $believed, Temperature $temperature, FunnelTest $funnel, Duration $time): self
    {
        return self::matching(
            $believed,
            static fn(Sauce $sauce): float => ($funnel->time(Flow::of($sauce, $temperature))->seconds ?? 1e6) - $time->seconds,
        );
    }

    /** @throws NotReachable if no strength of the thickener gives the reading */
    public static function fromFilm(Sauce $believed, Temperature $temperature, Length $film): self
    {
        return self::matching(
            $believed,
            static fn(Sauce $sauce): float => SpoonTest::of(Flow::of($sauce, $temperature))->film->metres - $film->metres,
        );
    }

    public function thickness(): EquivalentFlour
    {
        return EquivalentFlour::of($this->sauce);
    }

    /** @param Closure(Sauce): float $above grows with thickness, zero at the reading */
    private static function matching(Sauce $believed, Closure $above): self
    {
        if ($believed->suspension()->thickening <= 0.0) {
            throw Missing::from('sauce', 'thickener');
        }
        $factor = (new Root(1e-10))->of(
            static fn(float $f): float => $above($believed->strengthened($f)),
            self::LEAST,
            self::MOST,
            'thickness-of-this-reading',
        );

        return new self($factor, $believed->strengthened($factor));
    }
}
