<?php

declare(strict_types=1);

namespace Tests\Feature\Questions;

use App\Questions\ComposeFields;
use App\Typed\MoreField;
use BackedEnum;
use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Formula;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Procedure\Where;
use Lento\Rescue\LateThickening;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;

/** What might stand in the fields of the Compose page, drawn over all that it allows, from a thimble to a kettle. Draws by mt_rand. */
final readonly class RandomQuestion
{
    /** @return array<string, string> */
    public static function drawn(): array
    {
        $base = self::one(Base::cases());
        $formula = Formula::house($base);
        $litres = exp(log(0.1) + mt_rand() / mt_getrandmax() * log(2000.0));
        $fields = [
            'sauce' => $base->value,
            ...self::given($litres),
            'liquid' => self::sometimes(2, static fn(): string => self::one($formula->liquids)),
            'fat' => self::sometimes(5, static fn(): string => self::one(['butter', 'clarified-butter', 'lard', 'vegetable-oil'])),
            'ratio' => self::sometimes(4, static fn(): string => self::one(['0.5', '0.7', '1', '1.5', '2', '3'])),
            'browned' => self::sometimes(6, static fn(): string => 'yes'),
            'salt' => self::sometimes(4, static fn(): string => self::one(['0', '0.5', '1', '2'])),
            'liquid_salt' => self::sometimes(8, static fn(): string => self::one(['0', '0.8', '2'])),
            'oven' => self::sometimes(8, static fn(): string => (string) mt_rand(120, 220)),
            'more' => self::sometimes(4, self::more(...)),
        ];
        $ways = [
            'thickness' => [2, ThicknessClass::cases()],
            'colour' => [3, Colour::cases()],
            'heat' => [3, HobHeat::cases()],
            'level' => [3, SimmerLevel::cases()],
            'school' => [3, School::cases()],
            'finish' => [4, FinishWay::cases()],
            'strain' => [5, StrainWay::cases()],
            'milk' => [5, MilkWay::cases()],
            'place' => [4, RouxPlace::cases()],
            'cookout' => [3, CookOut::cases()],
            'aromatics' => [5, AromaticsWay::cases()],
            'flour' => [5, FlourWay::cases()],
            'stirring' => [6, Stirring::cases()],
            'salting' => [6, SaltTime::cases()],
            'late' => [6, LateThickening::cases()],
        ];
        foreach ($ways as $name => [$in, $cases]) {
            $fields[$name] = self::sometimes($in, static fn(): string => self::word(self::one($cases)));
        }

        return array_filter([...$fields, ...self::pan($fields['given']), ...self::simmer(), ...self::ratio($fields['given'])]);
    }

    /** @return array<string, string> */
    private static function given(float $litres): array
    {
        $number = static fn(float $value, string $how = '%.0F'): string => sprintf($how, $value);
        $given = self::one(['litres', 'litres', ...array_keys(ComposeFields::GIVEN)]);
        $fields = match ($given) {
            'litres' => ['amount' => $number($litres, '%.2F')],
            'stock' => ['stock' => $number($litres, '%.2F')],
            'fat' => ['have_fat' => $number(60.0 * $litres)],
            'flour' => ['have_flour' => $number(60.0 * $litres)],
            'roux' => ['have_roux' => $number(120.0 * $litres)],
            'covers' => ['covers' => (string) mt_rand(1, 500), 'each' => (string) mt_rand(30, 150)],
            'formula' => [
                'have_fat' => $number(60.0 * $litres * self::one([0.7, 1.0, 1.5])),
                'have_flour' => $number(60.0 * $litres),
                'stock' => self::sometimes(2, static fn(): string => $number($litres * self::one([0.6, 1.0, 1.4]), '%.2F')),
            ],
            default => [],
        };

        return ['given' => $given, ...$fields];
    }

    /** @return array<string, string> */
    private static function pan(string $given): array
    {
        return $given === 'pan' || mt_rand(0, 2) === 0
            ? ['diameter' => (string) mt_rand(120, 600), 'height' => (string) mt_rand(60, 400)]
            : [];
    }

    /** @return array<string, string> */
    private static function simmer(): array
    {
        return match (mt_rand(0, 4)) {
            0, 1 => ['minutes' => (string) mt_rand(1, self::one([10, 60, 480]))],
            2 => ['reduce' => (string) mt_rand(5, 90)],
            default => [],
        };
    }

    /** @return array<string, string> */
    private static function ratio(string $given): array
    {
        return $given === 'formula'
            ? []
            : ['own_ratio' => self::sometimes(5, static fn(): string => self::one(['1:1:10', '1:5', '1:10', '2 tbsp per cup', '3:2:14']))];
    }

    private static function more(): string
    {
        return MoreField::write([[
            'what' => self::one(
                ['onion', 'carrot', 'white-wine', 'tomato-paste', 'double-cream', 'semi-hard-cheese', 'egg-yolk', 'lemon-juice'],
            ),
            'amount' => (string) mt_rand(5, 120),
            'unit' => self::one(['g', 'g/l']),
            'place' => self::one(Where::cases())->value,
        ]]);
    }

    private static function word(BackedEnum $case): string
    {
        return (string) $case->value;
    }

    /** @param callable(): string $draw */
    private static function sometimes(int $in, callable $draw): string
    {
        return mt_rand(1, $in) === 1 ? $draw() : '';
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private static function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}
