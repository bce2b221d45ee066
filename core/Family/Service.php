<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** What a service wants: finished sauces, something to spare, and what is there already. */
final readonly class Service
{
    public const MOST_SPARE = 1.0;

    /**
     * @param list<Wish> $wishes
     * @param float $spare share on top of each, 0 to 1
     * @param list<OnHand> $onHand
     */
    private function __construct(public array $wishes, public float $spare, public array $onHand) {}

    /**
     * @param list<Wish> $wishes
     * @param list<OnHand> $onHand
     *
     * @throws OutOfRange if the spare is less than nothing or more than as much again
     */
    public static function of(array $wishes, float $spare = 0.0, array $onHand = []): self
    {
        if (!is_finite($spare) || $spare < 0.0 || $spare > self::MOST_SPARE) {
            throw OutOfRange::between('spare', is_finite($spare) ? 100.0 * $spare : 0.0, 0.0, 100.0 * self::MOST_SPARE, '%');
        }

        return new self($wishes, $spare, $onHand);
    }

    public function wanted(Wish $wish): Volume
    {
        return Volume::ofLitres($wish->volume->inLitres() * (1.0 + $this->spare));
    }

    /** The same service so many times as large; what is in the cold stays what it is. */
    public function times(float $factor): self
    {
        return new self(
            array_map(
                static fn(Wish $wish): Wish => new Wish(
                    $wish->sauce,
                    $wish->liquid,
                    Volume::ofLitres($factor * $wish->volume->inLitres()),
                    $wish->class,
                ),
                $this->wishes,
            ),
            $this->spare,
            $this->onHand,
        );
    }
}
