<?php

declare(strict_types=1);

namespace App\Format;

/** What colour a thing is drawn that joins a sauce, and how strongly it tints it. An artist's estimate, not a model. */
final readonly class AddedColour
{
    /** Colour, and how many times its own volume it counts in the mixture. */
    private const KNOWN = [
        'double-cream' => [[253, 247, 232], 1.0],
        'whipping-cream' => [[253, 247, 232], 1.0],
        'soured-cream' => [[253, 249, 240], 1.0],
        'whole-milk' => [[250, 243, 224], 1.0],
        'butter' => [[243, 214, 110], 1.0],
        'shellfish-butter' => [[226, 120, 70], 2.5],
        'tomato-puree' => [[196, 58, 34], 2.5],
        'tomato-paste' => [[170, 40, 24], 4.0],
        'tomato-dice' => [[206, 70, 44], 1.0],
        'egg-yolk' => [[236, 170, 36], 3.0],
        'boiled-egg' => [[250, 236, 190], 0.6],
        'hard-cheese' => [[240, 206, 120], 1.0],
        'grating-cheese' => [[238, 214, 150], 1.0],
        'mature-cheese' => [[232, 176, 84], 1.5],
        'white-wine' => [[238, 226, 160], 0.6],
        'red-wine' => [[122, 34, 52], 2.5],
        'fortified-wine' => [[142, 66, 34], 1.5],
        'vinegar' => [[226, 214, 170], 0.5],
        'lemon-juice' => [[246, 232, 130], 0.5],
        'mushroom' => [[190, 164, 132], 0.5],
        'onion' => [[244, 234, 206], 0.5],
        'shallot' => [[222, 190, 190], 0.4],
        'carrot' => [[230, 140, 60], 0.3],
        'celery' => [[196, 212, 140], 0.3],
        'parsley' => [[74, 122, 58], 3.0],
        'tarragon' => [[92, 132, 70], 3.0],
        'chervil' => [[104, 146, 74], 3.0],
        'herbs' => [[82, 128, 64], 3.0],
        'capers' => [[110, 122, 62], 0.6],
        'gherkin' => [[122, 140, 62], 0.6],
        'prepared-mustard' => [[212, 160, 40], 2.0],
        'dry-mustard' => [[216, 170, 60], 4.0],
        'paprika' => [[190, 62, 30], 20.0],
        'curry-powder' => [[206, 150, 30], 20.0],
        'meat-glaze' => [[88, 46, 24], 2.5],
        'mushroom-liquor' => [[186, 160, 120], 1.0],
        'brown-stock' => [[150, 98, 56], 1.0],
        'fish-stock' => [[240, 230, 200], 1.0],
    ];

    private const ELSE = [[230, 212, 170], 0.5];

    public static function of(string $ingredient): string
    {
        return self::hex((self::KNOWN[$ingredient] ?? self::ELSE)[0]);
    }

    /**
     * @param string $sauce #rrggbb
     * @param float $millilitres of it
     * @param array<string, float> $added ml by ingredient
     */
    public static function mixed(string $sauce, float $millilitres, array $added): string
    {
        $all = max(1e-9, $millilitres);
        $sum = [
            $all * (float) hexdec(substr($sauce, 1, 2)),
            $all * (float) hexdec(substr($sauce, 3, 2)),
            $all * (float) hexdec(substr($sauce, 5, 2)),
        ];
        foreach ($added as $ingredient => $ml) {
            [$colour, $tints] = self::KNOWN[$ingredient] ?? self::ELSE;
            $sum = array_map(static fn(float $channel, int $own): float => $channel + $tints * $ml * $own, $sum, $colour);
            $all += $tints * $ml;
        }

        return self::hex(array_map(static fn(float $channel): int => (int) round($channel / $all), $sum));
    }

    /** @param array<int> $rgb */
    private static function hex(array $rgb): string
    {
        return vsprintf('#%02x%02x%02x', $rgb);
    }
}
