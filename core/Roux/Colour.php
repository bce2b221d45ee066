<?php

declare(strict_types=1);

namespace Lento\Roux;

/** The colour a cook asks for. */
enum Colour: string
{
    case White = 'white';
    case Blond = 'blond';
    case Brown = 'brown';
    case Dark = 'dark';

    /**
     * Where on the shade scale the cook stops for it.
     *
     * White stops at 0.45: about three minutes of 100 g on medium heat (domain default), still well inside "white" (< 0.6) with its
     * strength at 0.995. The others are the model's named shades.
     */
    public function shade(): Shade
    {
        return Shade::of(match ($this) {
            self::White => 0.45,
            self::Blond => 1.0,
            self::Brown => 2.0,
            self::Dark => 3.0,
        });
    }
}
