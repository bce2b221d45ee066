<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\Unknown;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;

/** The mother sauces, with the house's answers to what a cook leaves unsaid. Source: the house formulas, docs/sauces.md. */
enum Base: string
{
    case Bechamel = 'bechamel';
    case Veloute = 'veloute';
    case Espagnole = 'espagnole';

    /** Accents and capitals do not matter: "Velouté" is "veloute". */
    public static function named(string $name): self
    {
        $plain = strtr(mb_strtolower(trim($name)), ['é' => 'e', 'è' => 'e', 'ê' => 'e']);

        return self::tryFrom($plain) ?? throw Unknown::name('sauce', mb_substr($name, 0, 40));
    }

    /** @return non-empty-list<string> liquids it is made with, the usual one first */
    public function liquids(): array
    {
        return match ($this) {
            self::Bechamel => ['whole-milk', 'semi-skimmed-milk', 'skimmed-milk'],
            self::Veloute => ['chicken-stock', 'veal-stock', 'fish-stock', 'shellfish-stock', 'vegetable-stock', 'game-stock', 'packed-broth'],
            self::Espagnole => ['brown-stock', 'veal-stock', 'game-stock'],
        };
    }

    public function colour(): Colour
    {
        return match ($this) {
            self::Bechamel => Colour::White,
            self::Veloute => Colour::Blond,
            self::Espagnole => Colour::Brown,
        };
    }

    /** Brown roux is made with clarified butter: whole butter smokes before it is brown. */
    public function fat(): string
    {
        return $this === self::Espagnole ? 'clarified-butter' : 'butter';
    }

    public function thickness(): ThicknessClass
    {
        return $this === self::Espagnole ? ThicknessClass::Pouring : ThicknessClass::Coating;
    }

    public function simmerTime(string $liquid): Duration
    {
        return Duration::ofMinutes(match ($this) {
            self::Bechamel => 20.0,
            self::Veloute => in_array($liquid, ['fish-stock', 'shellfish-stock'], true) ? 20.0 : 30.0,
            self::Espagnole => 90.0,
        });
    }

    /** An espagnole gives off a third of its stock, which a bare simmer cannot do in its time. */
    public function simmerLevel(): SimmerLevel
    {
        return $this === self::Espagnole ? SimmerLevel::Simmer : SimmerLevel::Bare;
    }

    /** @return float salt at the end as a share of the mass; an espagnole stays unsalted, for it will be reduced */
    public function salt(): float
    {
        return $this === self::Espagnole ? 0.0 : 0.0075;
    }
}
