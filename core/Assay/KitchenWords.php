<?php

declare(strict_types=1);

namespace Lento\Assay;

/**
 * The everyday English names of what goes into a sauce.
 *
 * A phrase is only understood when every word of it is known: a name from this list, and around it nothing but words that change
 * neither weight nor thickness. "Unsalted butter" is butter; "peanut butter" is not understood, and is said to be so.
 */
final readonly class KitchenWords
{
    /** Phrase => larder id. */
    private const NAMES = [
        'flour' => 'plain-flour',
        'plain flour' => 'plain-flour',
        'all purpose flour' => 'plain-flour',
        'wheat flour' => 'plain-flour',
        'white flour' => 'plain-flour',
        'bread flour' => 'bread-flour',
        'strong flour' => 'bread-flour',
        'cake flour' => 'cake-flour',
        'pastry flour' => 'cake-flour',
        'soft flour' => 'cake-flour',
        'wholemeal flour' => 'wholemeal-flour',
        'whole wheat flour' => 'wholemeal-flour',
        'wholewheat flour' => 'wholemeal-flour',
        'rice flour' => 'rice-flour',
        'gluten free flour' => 'gluten-free-blend',
        'cornflour' => 'cornflour',
        'cornstarch' => 'cornflour',
        'corn starch' => 'cornflour',
        'potato starch' => 'potato-starch',
        'tapioca starch' => 'tapioca-starch',
        'tapioca flour' => 'tapioca-starch',
        'arrowroot' => 'arrowroot',
        'waxy maize' => 'waxy-maize',
        'butter' => 'butter',
        'clarified butter' => 'clarified-butter',
        'ghee' => 'clarified-butter',
        'oil' => 'vegetable-oil',
        'vegetable oil' => 'vegetable-oil',
        'sunflower oil' => 'vegetable-oil',
        'rapeseed oil' => 'vegetable-oil',
        'canola oil' => 'vegetable-oil',
        'peanut oil' => 'vegetable-oil',
        'groundnut oil' => 'vegetable-oil',
        'corn oil' => 'vegetable-oil',
        'olive oil' => 'olive-oil',
        'lard' => 'lard',
        'bacon fat' => 'lard',
        'bacon grease' => 'lard',
        'bacon dripping' => 'lard',
        'chicken fat' => 'poultry-fat',
        'duck fat' => 'poultry-fat',
        'goose fat' => 'poultry-fat',
        'poultry fat' => 'poultry-fat',
        'beef dripping' => 'beef-dripping',
        'beef fat' => 'beef-dripping',
        'dripping' => 'pan-drippings',
        'pan dripping' => 'pan-drippings',
        'margarine' => 'margarine',
        'fat' => 'butter',
        'milk' => 'whole-milk',
        'whole milk' => 'whole-milk',
        'full fat milk' => 'whole-milk',
        'semi skimmed milk' => 'semi-skimmed-milk',
        'skimmed milk' => 'skimmed-milk',
        'skim milk' => 'skimmed-milk',
        'cream' => 'whipping-cream',
        'heavy cream' => 'whipping-cream',
        'whipping cream' => 'whipping-cream',
        'heavy whipping cream' => 'whipping-cream',
        'double cream' => 'double-cream',
        'soured cream' => 'soured-cream',
        'sour cream' => 'soured-cream',
        'creme fraiche' => 'soured-cream',
        'stock' => 'chicken-stock',
        'broth' => 'chicken-stock',
        'white stock' => 'chicken-stock',
        'chicken stock' => 'chicken-stock',
        'poultry stock' => 'chicken-stock',
        'turkey stock' => 'chicken-stock',
        'veal stock' => 'veal-stock',
        'white veal stock' => 'veal-stock',
        'game stock' => 'game-stock',
        'vegetable stock' => 'vegetable-stock',
        'fish stock' => 'fish-stock',
        'fish fumet' => 'fish-stock',
        'shellfish stock' => 'shellfish-stock',
        'lobster stock' => 'shellfish-stock',
        'prawn stock' => 'shellfish-stock',
        'brown stock' => 'brown-stock',
        'brown veal stock' => 'brown-stock',
        'beef stock' => 'brown-stock',
        'brown beef stock' => 'brown-stock',
        'chicken broth' => 'packed-broth',
        'beef broth' => 'packed-broth',
        'vegetable broth' => 'packed-broth',
        'packed broth' => 'packed-broth',
        'water' => 'water',
        'white wine' => 'white-wine',
        'red wine' => 'red-wine',
        'wine' => 'white-wine',
        'fortified wine' => 'fortified-wine',
        'sherry' => 'fortified-wine',
        'port' => 'fortified-wine',
        'tomato paste' => 'tomato-paste',
        'tomato puree' => 'tomato-puree',
        'passata' => 'tomato-puree',
        'crushed tomato' => 'crushed-tomato',
        'chopped tomato' => 'crushed-tomato',
        'tomato' => 'crushed-tomato',
        'lemon juice' => 'lemon-juice',
        'cheese' => 'semi-hard-cheese',
        'hard cheese' => 'hard-cheese',
        'cheddar' => 'semi-hard-cheese',
        'gruyere' => 'semi-hard-cheese',
        'alpine cheese' => 'semi-hard-cheese',
        'soft cheese' => 'soft-cheese',
        'cream cheese' => 'soft-cheese',
        'egg yolk' => 'egg-yolk',
        'yolk' => 'egg-yolk',
        'mustard' => 'prepared-mustard',
        'prepared mustard' => 'prepared-mustard',
        'salt' => 'salt',
        'pepper' => 'pepper',
        'peppercorn' => 'pepper',
        'onion' => 'onion',
        'shallot' => 'onion',
        'carrot' => 'carrot',
        'celery' => 'celery',
        'celery stalk' => 'celery',
        'celery stick' => 'celery',
    ];

    /** Names that leave something open: what they were taken for is said aloud. */
    private const LOOSE = ['stock', 'broth', 'fat', 'cream', 'cheese', 'wine'];

    /** In the pot, but with no weight on its thickness. */
    private const WEIGHTLESS = [
        'bay leaf', 'bay', 'thyme', 'parsley', 'parsley stalk', 'clove', 'nutmeg', 'mace', 'bouquet garni', 'sachet', 'tarragon',
        'chervil', 'cayenne', 'mustard powder', 'paprika', 'garlic', 'garlic clove',
    ];

    /** Words that say how, not what. */
    private const ADJECTIVES = [
        'unsalted', 'salted', 'sweet', 'cold', 'warm', 'hot', 'boiling', 'melted', 'soft', 'softened', 'cubed', 'diced', 'cut', 'small',
        'medium', 'large', 'big', 'fresh', 'freshly', 'fine', 'finely', 'coarse', 'coarsely', 'roughly', 'grated', 'ground', 'sifted',
        'spooned', 'scooped', 'levelled', 'level', 'heaped', 'packed', 'good', 'quality', 'dry', 'white', 'black', 'red', 'strong',
        'light', 'dark', 'rich', 'reduced', 'strained', 'skimmed', 'homemade', 'house', 'own', 'organic', 'free', 'range', 'low', 'sodium',
        'unseasoned', 'concentrated', 'whole', 'plain', 'chopped', 'sliced', 'peeled', 'minced', 'crushed', 'mature', 'sharp', 'aged',
        'about', 'approx', 'approximately', 'of', 'the', 'a', 'an', 'and', 'for', 'roux', 'sauce', 'to', 'taste', 'optional', 'more',
        'extra', 'virgin', 'sea', 'flaked', 'flaky', 'kosher', 'table', 'rendered', 'roast', 'from', 'in', 'at', 'room', 'temperature',
        'very', 'thick', 'thin', 'leftover', 'dried', 'sprig', 'sprigs', 'stalk', 'leaf', 'leaves', 'piece', 'pieces', 'chilled',
    ];

    /** Accents and hyphens do not matter. */
    private const PLAIN = [
        'é' => 'e',
        'è' => 'e',
        'ê' => 'e',
        'ë' => 'e',
        'à' => 'a',
        'â' => 'a',
        'î' => 'i',
        'ô' => 'o',
        'û' => 'u',
        'ç' => 'c',
        '-' => ' ',
    ];

    /** g of one, where a cook counts instead of weighing. */
    private const PIECE_GRAMS = ['onion' => 150.0, 'carrot' => 80.0, 'celery' => 50.0, 'egg-yolk' => 18.0];

    /** @return array{id: string|null, loose: bool}|null the larder id (null: in the pot but weightless), or null if any word is unknown */
    public static function read(string $phrase): ?array
    {
        $words = self::words($phrase);
        for ($length = min(4, count($words)); $length > 0; $length--) {
            for ($from = 0; $from + $length <= count($words); $from++) {
                $name = implode(' ', array_slice($words, $from, $length));
                $rest = [...array_slice($words, 0, $from), ...array_slice($words, $from + $length)];
                if ((isset(self::NAMES[$name]) || in_array($name, self::WEIGHTLESS, true)) && array_diff($rest, self::ADJECTIVES) === []) {
                    return ['id' => self::NAMES[$name] ?? null, 'loose' => in_array($name, self::LOOSE, true)];
                }
            }
        }

        return null;
    }

    /** @return float|null g of one piece, null where nobody counts it */
    public static function pieceGrams(string $id): ?float
    {
        return self::PIECE_GRAMS[$id] ?? null;
    }

    /** @return list<string> lower case, without accents, hyphens, plural s, remarks in brackets or after a comma */
    private static function words(string $phrase): array
    {
        $plain = strtr(mb_strtolower($phrase), self::PLAIN);
        $plain = (string) preg_replace(['/\([^)]*\)/u', '/[,;].*\z/su', '/[^a-z ]+/u'], ' ', $plain);
        $words = array_values(array_filter(explode(' ', $plain), static fn(string $word): bool => $word !== ''));

        return array_map(self::singular(...), $words);
    }

    private static function singular(string $word): string
    {
        return match (true) {
            $word === 'leaves' => 'leaf',
            in_array($word, ['tomatoes', 'potatoes'], true) => substr($word, 0, -2),
            strlen($word) > 3 && str_ends_with($word, 's') && !str_ends_with($word, 'ss') => substr($word, 0, -1),
            default => $word,
        };
    }
}
