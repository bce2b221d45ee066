<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** A straight-sided pan. */
final readonly class Pan
{
    /** Shares of the brim that are safe: milk climbs, roux into boiling stock foams. Source: docs/model.md, compose. */
    public const FULL = 0.85;

    public const FULL_WHEN_FOAMING = 0.80;

    public const LEAST_MILLIMETRES = 50.0;

    public const MOST_DIAMETER_MILLIMETRES = 1200.0;

    public const MOST_HEIGHT_MILLIMETRES = 1000.0;

    public const LEAST_KILOGRAMS = 0.1;

    public const MOST_KILOGRAMS = 100.0;

    /**
     * kg per cm2 of diameter squared: fits the model's five roux pans (14 cm 0.6 kg, 20 cm 1.0, 28 cm 1.8, 30 cm 2.5, 36 cm 3.2) to
     * within 15 %, the smallest to 20 %.
     */
    private const MASS_PER_DIAMETER_SQUARED = 0.0025;

    /** The same of aluminium a third of a millimetre thick: no pan that stands on a ring weighs less. */
    private const LEAST_PER_DIAMETER_SQUARED = 0.0001;

    /** A pan twice as wide as its liquid is deep: depth = D/2, so volume = pi D^3 / 8. */
    private const DIAMETER_CUBED_PER_VOLUME = 8.0 / M_PI;

    /** Height that leaves it about three quarters full. */
    private const HEIGHT_PER_DIAMETER = 0.66;

    private function __construct(public Length $diameter, public Length $height, private ?Mass $weighed, public PanBase $base) {}

    /**
     * @param Mass|null $weighed the empty pan; by its size if null
     *
     * @throws OutOfRange if it is narrower than 50 mm, wider than 1.2 m or taller than 1 m, or weighs less than 100 g or more than 100 kg
     */
    public static function of(Length $diameter, Length $height, ?Mass $weighed = null, PanBase $base = PanBase::Medium): self
    {
        self::refuse('pan-diameter', $diameter, self::MOST_DIAMETER_MILLIMETRES);
        self::refuse('pan-height', $height, self::MOST_HEIGHT_MILLIMETRES);

        if (
            $weighed !== null
            && ($weighed->inKilograms() < self::LEAST_KILOGRAMS - 1e-9 || $weighed->inKilograms() > self::MOST_KILOGRAMS + 1e-9)
        ) {
            throw OutOfRange::between('pan-weight', $weighed->inKilograms(), self::LEAST_KILOGRAMS, self::MOST_KILOGRAMS, 'kg');
        }

        return new self($diameter, $height, $weighed, $base);
    }

    /**
     * A tin or a hotel pan: a round one with the same floor, for depth and steam go by that alone.
     *
     * @throws OutOfRange if a side is shorter than 50 mm or longer than 1.2 m
     */
    public static function rectangular(
        Length $long,
        Length $wide,
        Length $height,
        ?Mass $weighed = null,
        PanBase $base = PanBase::Medium,
    ): self {
        self::refuse('pan-length', $long, self::MOST_DIAMETER_MILLIMETRES);
        self::refuse('pan-width', $wide, self::MOST_DIAMETER_MILLIMETRES);

        return self::of(Length::ofMetres(2.0 * sqrt($long->metres * $wide->metres / M_PI)), $height, $weighed, $base);
    }

    /** What a pan of this width weighs at least. */
    public function leastMass(): Mass
    {
        return Mass::ofKilograms(max(self::LEAST_KILOGRAMS, self::LEAST_PER_DIAMETER_SQUARED * $this->diameter->inCentimetres() ** 2));
    }

    /** A sensible pan for so much sauce, to the next full 2 cm. */
    public static function suiting(Volume $volume): self
    {
        $centimetres = (self::DIAMETER_CUBED_PER_VOLUME * $volume->inMillilitres()) ** (1.0 / 3.0);
        $rounded = max(6.0, 2.0 * ceil($centimetres / 2.0 - 1e-9));

        return self::of(
            Length::ofCentimetres($rounded),
            Length::ofCentimetres(max(self::LEAST_MILLIMETRES / 10.0, ceil($rounded * self::HEIGHT_PER_DIAMETER))),
        );
    }

    /** The same, or the widest kettle there is: what does not go into it is said where it is filled. */
    public static function suitingOrWidest(Volume $volume): self
    {
        $widest = (self::MOST_DIAMETER_MILLIMETRES / 10.0) ** 3 / self::DIAMETER_CUBED_PER_VOLUME;

        return self::suiting(Volume::ofMillilitres(min($widest, $volume->inMillilitres())));
    }

    /** A wide, low one to fry in. */
    public static function wide(float $centimetres): self
    {
        return self::of(
            Length::ofCentimetres($centimetres),
            Length::ofCentimetres(max(self::LEAST_MILLIMETRES / 10.0, 0.25 * $centimetres)),
        );
    }

    /** @return float cm2 */
    public function areaSquareCentimetres(): float
    {
        return M_PI * $this->diameter->inCentimetres() ** 2 / 4.0;
    }

    public function brim(): Volume
    {
        return Volume::ofMillilitres($this->areaSquareCentimetres() * $this->height->inCentimetres());
    }

    public function holds(Length $depth): Volume
    {
        return Volume::ofMillilitres($this->areaSquareCentimetres() * $depth->inCentimetres());
    }

    public function depth(Volume $volume): Length
    {
        return Length::ofCentimetres($volume->inMillilitres() / $this->areaSquareCentimetres());
    }

    /** @return float share of the brim, 1 = full */
    public function fill(Volume $volume): float
    {
        return $volume->cubicMetres / $this->brim()->cubicMetres;
    }

    public function mass(): Mass
    {
        return $this->weighed ?? Mass::ofKilograms(self::MASS_PER_DIAMETER_SQUARED * $this->diameter->inCentimetres() ** 2);
    }

    private static function refuse(string $what, Length $length, float $most): void
    {
        $mm = $length->inMillimetres();
        if ($mm < self::LEAST_MILLIMETRES - 1e-9 || $mm > $most + 1e-9) {
            throw OutOfRange::between($what, $mm, self::LEAST_MILLIMETRES, $most, 'mm');
        }
    }
}
