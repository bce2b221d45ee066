<?php

declare(strict_types=1);

namespace Lento\Thickness;

/** Six words for how thick a sauce is, everywhere the same. Limits in equivalent flour: docs/model.md, classes. */
enum ThicknessClass: string
{
    case Thin = 'thin';
    case Soup = 'soup';
    case Pouring = 'pouring';
    case Coating = 'coating';
    case Gratin = 'gratin';
    case Binding = 'binding';

    public static function of(EquivalentFlour $flour): self
    {
        return match (true) {
            $flour->gramsPerLitre < 20.0 => self::Thin,
            $flour->gramsPerLitre < 38.0 => self::Soup,
            $flour->gramsPerLitre < 48.0 => self::Pouring,
            $flour->gramsPerLitre < 70.0 => self::Coating,
            $flour->gramsPerLitre < 105.0 => self::Gratin,
            default => self::Binding,
        };
    }

    /** What a cook who only says the word gets. Nobody asks for thin; it stands at the middle of its range. */
    public function target(): EquivalentFlour
    {
        return EquivalentFlour::ofGramsPerLitre(match ($this) {
            self::Thin => 10.0,
            self::Soup => 30.0,
            self::Pouring => 43.0,
            self::Coating => 58.0,
            self::Gratin => 85.0,
            self::Binding => 125.0,
        });
    }

    /** @return list<self> the five a cook can ask for, thin to thick */
    public static function askable(): array
    {
        return [self::Soup, self::Pouring, self::Coating, self::Gratin, self::Binding];
    }
}
