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
        'port' => 'port',
        'tomato paste' => 'tomato-paste',
        'tomato puree' => 'tomato-puree',
        'passata' => 'tomato-puree',
        'crushed tomato' => 'crushed-tomato',
        'chopped tomato' => 'crushed-tomato',
        'tomato' => 'crushed-tomato',
        'lemon juice' => 'lemon-juice',
        'lemon' => 'lemon-juice',
        'cheese' => 'semi-hard-cheese',
        'hard cheese' => 'hard-cheese',
        'cheddar' => 'semi-hard-cheese',
        'cheddar cheese' => 'semi-hard-cheese',
        'mature cheddar cheese' => 'mature-cheese',
        'sharp cheddar' => 'mature-cheese',
        'strong cheddar' => 'mature-cheese',
        'gruyere' => 'semi-hard-cheese',
        'alpine cheese' => 'semi-hard-cheese',
        'soft cheese' => 'soft-cheese',
        'cream cheese' => 'soft-cheese',
        'egg yolk' => 'egg-yolk',
        'yolk' => 'egg-yolk',
        'mustard' => 'prepared-mustard',
        'prepared mustard' => 'prepared-mustard',
        'minced pork' => 'minced-beef',
        'ground pork' => 'minced-beef',
        'minced meat' => 'minced-beef',
        'pork sausage' => 'minced-beef',
        'sausage meat' => 'minced-beef',
        'chicken' => 'chicken-meat',
        'prepared horseradish' => 'horseradish',
        'horseradish cream' => 'horseradish',
        'vegetable water' => 'water',
        'cooking water' => 'water',
        'pasta water' => 'water',
        'caper brine' => 'vinegar',
        'rich butter' => 'rich-butter',
        'shellfish butter' => 'shellfish-butter',
        'semi hard cheese' => 'semi-hard-cheese',
        'mild green chilli' => 'green-chilli',
        'fat bacon' => 'fat-bacon',
        'herb' => 'herbs',
        'tomato dice' => 'tomato-dice',
        'truffle' => 'truffle',
        'green peppercorn' => 'green-peppercorn',
        'orange zest' => 'orange-zest',
        'lobster meat' => 'lobster-meat',
        'poultry liver' => 'liver',
        'chicken liver' => 'liver',
        'resting juice' => 'roast-juices',
        'worcestershire style sauce' => 'worcestershire-style',
        'mushroom liquor' => 'mushroom-liquor',
        'salt' => 'salt',
        'pepper' => 'pepper',
        'peppercorn' => 'pepper',
        'onion' => 'onion',
        'mirepoix' => 'onion',
        'yellow onion' => 'onion',
        'brown onion' => 'onion',
        'spring onion' => 'onion',
        'red onion' => 'red-onion',
        'shallot' => 'shallot',
        'banana shallot' => 'shallot',
        'echalion' => 'shallot',
        'garlic' => 'garlic',
        'garlic clove' => 'garlic',
        'clove garlic' => 'garlic',
        'leek' => 'leek',
        'mushroom' => 'mushroom',
        'button mushroom' => 'mushroom',
        'chestnut mushroom' => 'mushroom',
        'cremini mushroom' => 'mushroom',
        'sweet pepper' => 'sweet-pepper',
        'bell pepper' => 'sweet-pepper',
        'red pepper' => 'sweet-pepper',
        'green pepper' => 'sweet-pepper',
        'green chilli' => 'green-chilli',
        'chilli' => 'green-chilli',
        'bacon' => 'fat-bacon',
        'streaky bacon' => 'fat-bacon',
        'pancetta' => 'fat-bacon',
        'lardon' => 'fat-bacon',
        'giblet' => 'giblets',
        'liver' => 'liver',
        'minced beef' => 'minced-beef',
        'ground beef' => 'minced-beef',
        'beef mince' => 'minced-beef',
        'anchovy' => 'anchovy',
        'anchovy fillet' => 'anchovy',
        'caper' => 'capers',
        'gherkin' => 'gherkin',
        'cornichon' => 'gherkin',
        'pickle' => 'gherkin',
        'olive' => 'olive',
        'horseradish' => 'horseradish',
        'sugar' => 'sugar',
        'caster sugar' => 'sugar',
        'granulated sugar' => 'sugar',
        'brown sugar' => 'sugar',
        'vinegar' => 'vinegar',
        'wine vinegar' => 'vinegar',
        'cider vinegar' => 'vinegar',
        'malt vinegar' => 'vinegar',
        'sherry vinegar' => 'vinegar',
        'cider' => 'cider',
        'beer' => 'beer',
        'ale' => 'beer',
        'stout' => 'beer',
        'brandy' => 'brandy',
        'cognac' => 'brandy',
        'madeira' => 'fortified-wine',
        'marsala' => 'fortified-wine',
        'vermouth' => 'fortified-wine',
        'orange juice' => 'orange-juice',
        'redcurrant jelly' => 'redcurrant-jelly',
        'pan juice' => 'roast-juices',
        'roast juice' => 'roast-juices',
        'roasting juice' => 'roast-juices',
        'mutton stock' => 'mutton-stock',
        'lamb stock' => 'mutton-stock',
        'ham stock' => 'ham-stock',
        'bone broth' => 'packed-broth',
        'bouillon' => 'chicken-stock',
        'stock cube' => 'stock-cube',
        'bouillon cube' => 'stock-cube',
        'stock paste' => 'stock-paste',
        'stock base' => 'stock-paste',
        'meat glaze' => 'meat-glaze',
        'soy sauce' => 'soy-sauce',
        'curry powder' => 'curry-powder',
        'dry mustard' => 'dry-mustard',
        'mustard powder' => 'dry-mustard',
        'english mustard' => 'prepared-mustard',
        'single cream' => 'whipping-cream',
        'light cream' => 'whipping-cream',
        'half and half' => 'whipping-cream',
        'self raising flour' => 'plain-flour',
        'self rising flour' => 'plain-flour',
        'worcestershire sauce' => 'worcestershire-style',
        'horseradish sauce' => 'horseradish',
        'dijon mustard' => 'prepared-mustard',
        'dijon' => 'prepared-mustard',
        'wholegrain mustard' => 'prepared-mustard',
        'parmesan' => 'grating-cheese',
        'grating cheese' => 'grating-cheese',
        'pecorino' => 'grating-cheese',
        'mature cheddar' => 'mature-cheese',
        'mature cheese' => 'mature-cheese',
        'emmental' => 'semi-hard-cheese',
        'swiss cheese' => 'semi-hard-cheese',
        'hard boiled egg' => 'boiled-egg',
        'boiled egg' => 'boiled-egg',
        'whole tomato' => 'crushed-tomato',
        'plum tomato' => 'crushed-tomato',
        'tinned tomato' => 'crushed-tomato',
        'canned tomato' => 'crushed-tomato',
        'diced tomato' => 'crushed-tomato',
        'tomato sauce' => 'tomato-puree',
        'tomato concentrate' => 'tomato-paste',
        'carrot' => 'carrot',
        'celery' => 'celery',
        'celery stalk' => 'celery',
        'celery stick' => 'celery',
    ];

    /** Names that leave something open: what they were taken for is said aloud. */
    private const LOOSE = [
        'stock', 'broth', 'fat', 'cream', 'cheese', 'wine', 'single cream', 'light cream', 'half and half', 'self raising flour',
        'self rising flour', 'mirepoix',
    ];

    /** In the pot, but with no weight on its thickness. */
    private const WEIGHTLESS = [
        'bay leaf', 'bay', 'thyme', 'parsley', 'parsley stalk', 'clove', 'nutmeg', 'mace', 'bouquet garni', 'sachet', 'tarragon',
        'chervil', 'cayenne', 'paprika', 'allspice', 'rosemary', 'sage', 'marjoram', 'oregano', 'chive', 'dill', 'basil', 'juniper',
        'juniper berry', 'star anise', 'saffron', 'cayenne pepper', 'chilli powder', 'chili powder', 'garlic powder', 'onion powder',
        'mixed herb', 'mixed spice', 'bone', 'veal bone', 'beef bone', 'chicken bone', 'ham bone', 'fish bone', 'nutritional yeast',
        'yeast extract', 'celery salt', 'celery seed', 'fennel seed', 'caraway seed', 'bouillon powder', 'lemon peel', 'parsley stem',
        'italian seasoning', 'bay leaf', 'lemon zest', 'mace', 'smoked paprika', 'chilli flake', 'cumin', 'coriander', 'cinnamon',
        'ginger', 'turmeric', 'hot sauce',
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
        'very', 'thick', 'thin', 'shredded', 'english', 'green', 'few', 'lot', 'some', 'couple', 'blade', 'slice', 'stick', 'leftover',
        'each', 'plus', 'needed', 'if', 'thinly', 'halved', 'quartered', 'trimmed', 'washed',
        'drained', 'rinsed', 'cooked', 'raw', 'ripe', 'curly', 'flat', 'cracked', 'milled', 'toasted', 'reserved', 'remaining',
        'additional', 'warmed', 'scalded', 'bought', 'ready', 'made', 'trimming', 'stem', 'head', 'unpeeled', 'snipped', 'torn',
        'deseeded', 'seeded', 'brewed', 'creamy', 'shop', 'store', 'roasting', 'jellied', 'skin', 'on', 'off', 'pan', 'tray', 'tub',
        'packet',
        'canned', 'tinned', 'tin', 'can', 'jar', 'carton', 'bottle', 'pure', 'best', 'bodied', 'lukewarm', 'simmering', 'instant',
        'dried', 'sprig', 'sprigs', 'stalk', 'leaf', 'leaves', 'piece', 'pieces', 'chilled',
    ];

    /** Bytes: no name of a thing is longer. */
    private const LONGEST = 400;

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
    private const PIECE_GRAMS = [
        'onion' => 120.0, 'red-onion' => 120.0, 'shallot' => 25.0, 'garlic' => 5.0, 'carrot' => 80.0, 'celery' => 45.0, 'leek' => 150.0,
        'mushroom' => 15.0, 'sweet-pepper' => 150.0, 'green-chilli' => 10.0, 'crushed-tomato' => 100.0, 'anchovy' => 4.0, 'pepper' => 0.05,
        'egg-yolk' => 18.0, 'lemon-juice' => 45.0,
        'boiled-egg' => 50.0, 'gherkin' => 12.0, 'stock-cube' => 10.0, 'fat-bacon' => 25.0,
    ];

    /** Times the usual, where a piece is said to be small or large. */
    private const SIZES = ['/\b(?:small|little)\b/iu' => 0.7, '/\b(?:large|big)\b/iu' => 1.4];

    /** @return array{id: string|null, loose: bool}|null the larder id (null: in the pot but weightless), or null if any word is unknown */
    public static function read(string $phrase): ?array
    {
        $words = strlen($phrase) > self::LONGEST ? [] : self::words($phrase);
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

    /**
     * @param string $phrase that may say how big it is
     *
     * @return float|null g of one piece, null where nobody counts it
     */
    public static function pieceGrams(string $id, string $phrase = ''): ?float
    {
        $grams = self::PIECE_GRAMS[$id] ?? null;
        if ($grams === null) {
            return null;
        }
        foreach (self::SIZES as $size => $times) {
            $grams *= preg_match($size, $phrase) === 1 ? $times : 1.0;
        }

        return $grams;
    }

    /** @return list<string> lower case, without accents, hyphens, plural s, remarks in brackets or after a comma */
    private static function words(string $phrase): array
    {
        $plain = (string) preg_replace('/\b(?:stuck|studded|spiked)\s+with\b.*\z/su', '', strtr(mb_strtolower($phrase), self::PLAIN));
        $plain = (string) preg_replace(['/\([^)]*\)/u', '/[,;].*\z/su', '/[^a-z ]+/u'], ' ', $plain);
        $words = array_values(array_filter(explode(' ', $plain), static fn(string $word): bool => $word !== ''));

        return array_map(self::singular(...), $words);
    }

    private static function singular(string $word): string
    {
        return match (true) {
            $word === 'leaves' => 'leaf',
            in_array($word, ['chillies', 'chilies', 'chili', 'chile', 'chiles'], true) => 'chilli',
            strlen($word) > 4 && str_ends_with($word, 'ies') => substr($word, 0, -3) . 'y',
            in_array($word, ['tomatoes', 'potatoes'], true) => substr($word, 0, -2),
            strlen($word) > 3 && str_ends_with($word, 's') && !str_ends_with($word, 'ss') => substr($word, 0, -1),
            default => $word,
        };
    }
}
