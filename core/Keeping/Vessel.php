<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;

/** A tub, tray or pot that a kitchen keeps sauce in, by its inner sides: round where it has no width. */
final readonly class Vessel
{
    /** Of its height that is filled at most: it is carried. */
    private const FULL = 0.95;

    private function __construct(public Length $length, public ?Length $width, public Length $height) {}

    /** @throws OutOfRange unless every side lies between 5 mm and 1.5 m */
    public static function of(Length $length, ?Length $width, Length $height): self
    {
        foreach (['length' => $length, 'width' => $width, 'height' => $height] as $what => $side) {
            if ($side !== null) {
                OutOfRange::refuse(
                    $what,
                    $side->inMillimetres(),
                    Container::LEAST_MILLIMETRES,
                    Container::MOST_MILLIMETRES,
                    'mm',
                );
            }
        }

        return new self($length, $width, $height);
    }

    public function isAlike(self $other): bool
    {
        $same = static fn(?Length $a, ?Length $b): bool => ($a === null) === ($b === null)
            && abs(($a->metres ?? 0.0) - ($b->metres ?? 0.0)) < 1e-6;

        return $same($this->length, $other->length) && $same($this->width, $other->width) && $same($this->height, $other->height);
    }

    /** How deep so much stands in it. */
    public function depth(Volume $volume): Length
    {
        return Length::ofMetres($volume->cubicMetres / $this->area());
    }

    public function brim(): Volume
    {
        return Volume::ofCubicMetres($this->area() * $this->height->metres);
    }

    /** What goes into it, so that it can be carried. */
    public function most(): Volume
    {
        return Volume::ofCubicMetres(self::FULL * $this->brim()->cubicMetres);
    }

    public function holds(Volume $volume): bool
    {
        return $volume->cubicMetres <= $this->most()->cubicMetres + 1e-12;
    }

    /** As it cools, filled so far; what is less deep than a forecast knows is taken as so deep. */
    public function filled(Volume $volume): Container
    {
        $depth = Length::ofMillimetres(
            min(Container::MOST_MILLIMETRES, max(Container::LEAST_MILLIMETRES, $this->depth($volume)->inMillimetres())),
        );

        return $this->width === null
            ? Container::round($this->length, $depth)
            : Container::tray($this->length, $this->width, $depth);
    }

    private function area(): float
    {
        return $this->width === null ? M_PI * $this->length->metres ** 2 / 4.0 : $this->length->metres * $this->width->metres;
    }
}
