<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What a pot can have lost against its sheet. */
enum LossKind: string
{
    case Colour = 'colour';
    case Thickness = 'thickness';
    case Litres = 'litres';
    case Lumps = 'lumps';
    case Burnt = 'burnt';
    case RawFlour = 'raw-flour';
    case Salt = 'salt';
    case Split = 'split';
    case RanOver = 'ran-over';

    /**
     * How much of it counts as one whole fault: a spoon's word, a shade's name, a spoonful that one sends back. Estimates.
     *
     * @return float logarithm for thickness and litres, per cent of salt, share of the pot for what ran over, ranks for the others
     */
    public function whole(): float
    {
        return match ($this) {
            self::Colour => 0.6,
            self::Thickness => 0.22,
            self::Litres => 0.25,
            self::Lumps => 0.35,
            self::Burnt => 0.25,
            self::RawFlour => 0.25,
            self::Salt => 0.3,
            self::Split => 0.5,
            self::RanOver => 0.1,
        };
    }

    /** Faults below it nobody tells. */
    public function unseen(): float
    {
        return match ($this) {
            self::Colour => 0.12,
            self::Thickness => 0.04,
            self::Litres => 0.03,
            self::Lumps => 0.08,
            self::Burnt => 0.08,
            self::RawFlour => 0.0,
            self::Salt => 0.06,
            self::Split => 0.05,
            self::RanOver => 0.002,
        };
    }
}
