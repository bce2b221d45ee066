<?php

declare(strict_types=1);

namespace Lento\Thickness;

/** What sauce does on the back of a spoon: one word for each class of thickness, so that both are one scale. */
enum SpoonWord: string
{
    case RunsOff = 'runs-off';
    case Veils = 'veils';
    case Glazes = 'glazes';
    case Coats = 'coats';
    case Masks = 'masks';
    case Mounds = 'mounds';

    /** The numbers that readings are kept by, by their place: a word that came later took the next one. */
    private const KEPT = ['runs-off', 'veils', 'coats', 'masks', 'mounds', 'glazes'];

    public static function of(ThicknessClass $class): self
    {
        return match ($class) {
            ThicknessClass::Thin => self::RunsOff,
            ThicknessClass::Soup => self::Veils,
            ThicknessClass::Pouring => self::Glazes,
            ThicknessClass::Coating => self::Coats,
            ThicknessClass::Gratin => self::Masks,
            ThicknessClass::Binding => self::Mounds,
        };
    }

    /** @return int by which a reading of it is kept */
    public function number(): int
    {
        return (int) array_search($this->value, self::KEPT, true);
    }

    /** @return list<string> the words by their numbers */
    public static function numbered(): array
    {
        return self::KEPT;
    }

    public static function ofNumber(int $number): ?self
    {
        return self::tryFrom(self::KEPT[$number] ?? '');
    }
}
