<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;

/** What a sauce stands in while it cools: a round pot or a rectangular tray, filled to a depth. */
final readonly class Container
{
    public const LEAST_MILLIMETRES = 5.0;

    public const MOST_MILLIMETRES = 1500.0;

    private function __construct(public Length $length, public ?Length $width, public Length $depth) {}

    /** @throws OutOfRange unless every side lies between 5 mm and 1.5 m */
    public static function round(Length $diameter, Length $depth): self
    {
        self::refuse('diameter', $diameter);
        self::refuse('depth', $depth);

        return new self($diameter, null, $depth);
    }

    /** @throws OutOfRange unless every side lies between 5 mm and 1.5 m */
    public static function tray(Length $length, Length $width, Length $depth): self
    {
        self::refuse('length', $length);
        self::refuse('width', $width);
        self::refuse('depth', $depth);

        return new self($length, $width, $depth);
    }

    /** As deep as so much of a sauce stands in it. */
    public static function roundHolding(Length $diameter, Volume $volume): self
    {
        return self::round($diameter, Length::ofMetres($volume->cubicMetres / (M_PI * $diameter->metres ** 2 / 4.0)));
    }

    public static function trayHolding(Length $length, Length $width, Volume $volume): self
    {
        return self::tray($length, $width, Length::ofMetres($volume->cubicMetres / ($length->metres * $width->metres)));
    }

    /** The same filled less deep. */
    public function filledTo(Length $depth): self
    {
        self::refuse('depth', $depth);

        return new self($this->length, $this->width, $depth);
    }

    public function volume(): Volume
    {
        $area = $this->width === null ? M_PI * $this->length->metres ** 2 / 4.0 : $this->length->metres * $this->width->metres;

        return Volume::ofCubicMetres($area * $this->depth->metres);
    }

    private static function refuse(string $what, Length $length): void
    {
        $mm = $length->inMillimetres();
        if ($mm < self::LEAST_MILLIMETRES - 1e-9 || $mm > self::MOST_MILLIMETRES + 1e-9) {
            throw OutOfRange::between($what, $mm, self::LEAST_MILLIMETRES, self::MOST_MILLIMETRES, 'mm');
        }
    }
}
