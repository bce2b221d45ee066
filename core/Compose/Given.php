<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * The one number a cook has: litres to make, covers to feed, stock in the pot, drippings in the tin, roux in the fridge, or a pan to fill.
 */
final readonly class Given
{
    /** Covers of one question. */
    public const MOST_COVERS = 5000;

    /** g of fat or roux: a spoonful, and more than the largest pot could want. */
    public const LEAST_GRAMS = 1.0;

    public const MOST_GRAMS = 150_000.0;

    /** l of liquid: half a cup, and the largest yield with what a long simmer takes. */
    public const LEAST_LIQUID_LITRES = 0.05;

    public const MOST_LIQUID_LITRES = 600.0;

    private function __construct(public GivenKind $kind, public ?Volume $volume = null, public ?Mass $mass = null) {}

    public static function yield(Volume $volume): self
    {
        return new self(GivenKind::Yield, $volume);
    }

    /** @throws OutOfRange unless there are 1 to 5000 covers */
    public static function portions(int $covers, Volume $each): self
    {
        if ($covers < 1 || $covers > self::MOST_COVERS) {
            throw OutOfRange::between('covers', $covers, 1, self::MOST_COVERS, '');
        }

        return new self(GivenKind::Portions, Volume::ofCubicMetres($covers * $each->cubicMetres));
    }

    /**
     * The liquid on hand, measured cold, all of it to be used.
     *
     * @throws OutOfRange outside 0.05 to 600 l
     */
    public static function liquid(Volume $volume): self
    {
        if ($volume->inLitres() < self::LEAST_LIQUID_LITRES || $volume->inLitres() > self::MOST_LIQUID_LITRES) {
            throw OutOfRange::between('liquid', $volume->inLitres(), self::LEAST_LIQUID_LITRES, self::MOST_LIQUID_LITRES, 'l');
        }

        return new self(GivenKind::Liquid, $volume);
    }

    /** @throws OutOfRange outside 1 g to 150 kg */
    public static function fat(Mass $mass): self
    {
        return new self(GivenKind::Fat, mass: self::sensible('fat', $mass));
    }

    /**
     * Cooked roux that is there, of the question's colour and fat-to-flour ratio.
     *
     * @throws OutOfRange outside 1 g to 150 kg
     */
    public static function readyRoux(Mass $mass): self
    {
        return new self(GivenKind::ReadyRoux, mass: self::sensible('ready-roux', $mass));
    }

    /** As much as the pan takes without boiling over. */
    public static function pan(): self
    {
        return new self(GivenKind::Pan);
    }

    private static function sensible(string $what, Mass $mass): Mass
    {
        if ($mass->inGrams() < self::LEAST_GRAMS || $mass->inGrams() > self::MOST_GRAMS) {
            throw OutOfRange::between($what, $mass->inGrams(), self::LEAST_GRAMS, self::MOST_GRAMS, 'g');
        }

        return $mass;
    }
}
