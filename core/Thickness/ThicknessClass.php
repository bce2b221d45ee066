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

    /** g flour per litre at which the next thicker one begins. */
    private const BELOW = [
        'thin' => 20.0,
        'soup' => 38.0,
        'pouring' => 48.0,
        'coating' => 70.0,
        'gratin' => 105.0,
        'binding' => EquivalentFlour::MOST,
    ];

    public static function of(EquivalentFlour $flour): self
    {
        foreach (self::cases() as $class) {
            if ($flour->gramsPerLitre < self::BELOW[$class->value]) {
                return $class;
            }
        }

        return self::Binding;
    }

    /** Where it begins. */
    public function least(): EquivalentFlour
    {
        $below = array_values(self::BELOW);
        $index = (int) array_search($this, self::cases(), true);

        return EquivalentFlour::ofGramsPerLitre($index === 0 ? EquivalentFlour::LEAST : $below[$index - 1]);
    }

    /** Where the next thicker one begins. */
    public function most(): EquivalentFlour
    {
        return EquivalentFlour::ofGramsPerLitre(self::BELOW[$this->value]);
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
