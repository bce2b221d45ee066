<?php

declare(strict_types=1);

namespace Lento\Roux;

/** How a roux of some fat-to-flour ratio handles. Kitchen lore; limits from docs/model.md, B. */
enum Texture: string
{
    case Dry = 'dry';
    case Paste = 'paste';
    case Fluid = 'fluid';
    case Separates = 'separates';

    /** @param float $fatToFlour by mass, >= 0 */
    public static function of(float $fatToFlour): self
    {
        return match (true) {
            $fatToFlour < 0.8 => self::Dry,
            $fatToFlour < 1.25 => self::Paste,
            $fatToFlour < 1.7 => self::Fluid,
            default => self::Separates,
        };
    }
}
