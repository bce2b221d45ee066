<?php

declare(strict_types=1);

namespace Lento\Larder;

/** What a label has to name: all fourteen of the European list. Local law may ask for more. */
enum Allergen: string
{
    case Celery = 'celery';
    /** Cereals: in a roux it is wheat. */
    case Gluten = 'gluten';
    case Crustaceans = 'crustaceans';
    case Egg = 'egg';
    case Fish = 'fish';
    case Lupin = 'lupin';
    case Milk = 'milk';
    case Molluscs = 'molluscs';
    case Mustard = 'mustard';
    case Nuts = 'nuts';
    case Peanuts = 'peanuts';
    case Sesame = 'sesame';
    case Soya = 'soya';
    case Sulphites = 'sulphites';

    /**
     * @param list<self> ...$lists
     *
     * @return list<self> each once, in the order of the list above
     */
    public static function among(array ...$lists): array
    {
        $named = array_merge(...array_values($lists));

        return array_values(array_filter(self::cases(), static fn(self $one): bool => in_array($one, $named, true)));
    }

    /**
     * @param list<self> $certain
     * @param list<self> ...$lists of what may be in it
     *
     * @return list<self> what may be in it besides what certainly is, each once
     */
    public static function besides(array $certain, array ...$lists): array
    {
        return array_values(array_filter(self::among(...$lists), static fn(self $one): bool => !in_array($one, $certain, true)));
    }
}
