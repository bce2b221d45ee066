<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Closure;
use Lento\Heat\HobHeat;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Lesson;
use Lento\Learning\Notebook;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/**
 * Kitchens whose figures nobody knows but their drawer: a pot is read four times by the stick and tested once, its roux held twice against
 * the strip; one pot in seven is wild. The noise of a reading is added to what is read, as a stick's is.
 */
final readonly class HiddenKitchens
{
    /** ml by which a stick is read wrong, in a pot that loses so much between two readings. */
    private const STICK = 25.0;

    private const LOST = 300.0;

    private const READINGS = 3;

    private function __construct() {}

    /** @return Closure(): float drawn from the normal curve, by PHP's own generator as it is seeded */
    public static function normal(): Closure
    {
        return static fn(): float => sqrt(
            -2.0 * log(max(1e-12, mt_rand() / mt_getrandmax())),
        ) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
    }

    /**
     * @param list<array{float, float, float}> $true steam, browning and flour over the house figure, pot by pot
     * @param int $wild one pot in so many; 0 for none
     *
     * @return non-empty-list<array{Factor, Factor, Factor}> what is believed of them before the first pot and after each
     */
    public static function course(array $true, int $wild): array
    {
        $normal = self::normal();
        $lessons = [];
        $course = [self::three(KitchenFactors::house())];
        foreach ($true as $factors) {
            $isWild = $wild > 0 && mt_rand(1, $wild) === 1;
            $known = self::known($lessons);
            $lessons[] = self::lesson($known, $factors, $isWild ? 0.7 : 0.0, $normal);
            $course[] = self::three(self::known($lessons));
        }

        return $course;
    }

    /** @param list<float> $numbers not empty */
    public static function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)];
    }

    /**
     * @param array{float, float, float} $true
     * @param Closure(): float $normal
     */
    private static function lesson(KitchenFactors $known, array $true, float $wild, Closure $normal): Lesson
    {
        [$steam, $browned, $tested] = [
            $true[0] * exp(0.10 * $normal() + $wild * $normal()),
            $true[1] * exp(0.20 * $normal() + $wild * $normal()),
            $true[2] * exp(0.06 * $normal() + 0.4 * $wild * $normal()),
        ];
        [$after, $before] = [$known, self::STICK * $normal()];
        for ($reading = 0; $reading < self::READINGS; $reading++) {
            $now = self::STICK * $normal();
            $lost = max(0.0, $steam * self::LOST + $before - $now);
            $after = $after->afterLevels(Mass::ofGrams($lost), Mass::ofGrams(self::LOST), Mass::ofGrams(self::STICK));
            $before = $now;
        }
        foreach ([1.0, 1.6] as $shade) {
            $real = Shade::afterDose(Shade::of($shade)->dose() * $browned);
            $after = $after->afterColour(Shade::of(max(0.1, min(3.4, $real->value + 0.15 * $normal()))), Shade::of($shade));
        }
        $after = $after->afterTest(EquivalentFlour::ofGramsPerLitre(58.0 * $tested), EquivalentFlour::ofGramsPerLitre(58.0));

        return Lesson::between($known, $after, Length::ofMillimetres(240.0), SimmerLevel::Simmer, HobHeat::Medium);
    }

    /** @param list<Lesson> $lessons */
    private static function known(array $lessons): KitchenFactors
    {
        return (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Simmer, HobHeat::Medium);
    }

    /** @return array{Factor, Factor, Factor} */
    private static function three(KitchenFactors $factors): array
    {
        return [$factors->evaporation, $factors->browning, $factors->flourStrength];
    }
}
