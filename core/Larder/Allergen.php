<?php

declare(strict_types=1);

namespace Lento\Larder;

/** What a label has to name. The list is the kitchen's everyday one; local law may ask for more. */
enum Allergen: string
{
    case Gluten = 'gluten';
    case Milk = 'milk';
    case Egg = 'egg';
    case Fish = 'fish';
    case Crustaceans = 'crustaceans';
    case Celery = 'celery';
    case Mustard = 'mustard';
    case Sulphites = 'sulphites';
    case Soya = 'soya';

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
}
