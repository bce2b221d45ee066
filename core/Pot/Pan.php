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

    /** cm for a litre, and the exponent of the litres: fits the model's own pans from 0.5 to 40 l to within 10 %. */
    private const SUITS_ONE_LITRE = 20.0;

    private const SUITS_WITH = 0.23;

    /** cm that a sauce stands deep in it at least: a glass of it wants a narrower pan than the law gives. */
    private const A_SPOON_DEEP = 2.2;

    /** A saucepan is rarely lower, as a share of its width. */
    private const HEIGHT_PER_DIAMETER = 0.55;

    /** Share of the brim to which a pan that suits is filled at most. */
    private const SUITS_FILLED = 0.75;

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

    /**
     * A sensible pan for so much sauce, to the next full 2 cm.
     *
     * @param float $left share of it that is left when it has boiled down, 0 to 1
     */
    public static function suiting(Volume $volume, float $left = 1.0): self
    {
        $brim = $volume->inMillilitres() / self::SUITS_FILLED;
        // Higher than a kettle is made, it gets wider instead.
        $centimetres = max(
            self::SUITS_ONE_LITRE * $volume->inLitres() ** self::SUITS_WITH,
            2.0 * sqrt($brim / (M_PI * self::MOST_HEIGHT_MILLIMETRES / 10.0)),
        );
        $narrow = 2.0 * floor(sqrt($left * $volume->inMillilitres() / (M_PI * self::A_SPOON_DEEP)) + 1e-9);
        $rounded = max(self::LEAST_MILLIMETRES / 10.0, min($narrow, 2.0 * ceil($centimetres / 2.0 - 1e-9)));
        $high = max(ceil($brim / (M_PI * $rounded ** 2 / 4.0) - 1e-9), ceil(self::HEIGHT_PER_DIAMETER * $rounded));

        return self::of(
            Length::ofCentimetres($rounded),
            Length::ofCentimetres(min(self::MOST_HEIGHT_MILLIMETRES / 10.0, max(self::LEAST_MILLIMETRES / 10.0, $high))),
        );
    }

    /** The same, or the widest kettle there is: what does not go into it is said where it is filled. */
    public static function suitingOrWidest(Volume $volume, float $left = 1.0): self
    {
        $widest = self::SUITS_FILLED * M_PI * (self::MOST_DIAMETER_MILLIMETRES / 10.0) ** 2 / 4.0 * self::MOST_HEIGHT_MILLIMETRES / 10.0;

        return self::suiting(Volume::ofMillilitres(min($widest, $volume->inMillilitres())), $left);
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
