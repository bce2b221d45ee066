<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/**
 * All that a kitchen's finished pots have taught, read for one pan, level, ring and heat.
 *
 * Steam counts from pots in the same pan at the same level, browning from roux on the same ring and heat, flour from every pot. A pot far
 * from what
 * is believed pulls no further than one at the edge of belief would: its error is taken to be that much larger.
 */
final readonly class Notebook
{
    /** Observed over foreseen that a pan, a ring or a flour can be: beyond it somebody has read wrong, or a file says so. */
    public const LEAST = 0.3;

    public const MOST = 3.0;

    /** By which a figure may have moved from pot to pot: a new ring is believed in five to eight of them. [D] */
    private const FADES = 0.08;

    /** Error of a pot's lesson at least: the readings of one pot share their cook, their spoon and their stick. [D] */
    private const SUREST = 0.10;

    /**
     * Spread of the logarithm of minutes of hands between kitchens: eight in ten lie within three quarters and a third more, as Score's
     * bands have it. [D]
     */
    private const HANDS_PRIOR = 0.23;

    /** mm by which a pan is still the same pan. */
    private const SAME_PAN = 5.0;

    /** @param list<Lesson> $lessons oldest first; those that are left out are not in it */
    public function __construct(public array $lessons) {}

    public function factors(Length $pan, SimmerLevel $level, HobHeat $heat, string $ring = ''): KitchenFactors
    {
        $house = KitchenFactors::house();

        return KitchenFactors::of(
            $this->course($house->evaporation, $this->evaporations($pan, $level))[count($this->evaporations($pan, $level))],
            $this->course($house->browning, $this->brownings($heat, $ring))[count($this->brownings($heat, $ring))],
            $this->course($house->flourStrength, $this->flours())[count($this->flours())],
        );
    }

    /**
     * The belief before the first pot and after each: its band shrinks pot by pot.
     *
     * @param list<Observation> $observations
     *
     * @return non-empty-list<Factor>
     */
    public function course(Factor $belief, array $observations): array
    {
        $course = [$belief];
        foreach ($observations as $observation) {
            $course[] = $belief = $belief->fading(self::FADES, $course[0]->deviation)
                ->afterHeld($observation->boundedBy(self::LEAST, self::MOST)->noSurerThan(self::SUREST));
        }

        return $course;
    }

    /** @return list<Observation> */
    public function evaporations(Length $pan, SimmerLevel $level): array
    {
        return self::those(
            array_map(
                static fn(Lesson $lesson): ?Observation => abs($lesson->pan->inMillimetres() - $pan->inMillimetres()) <= self::SAME_PAN
                && $lesson->level === $level
                    ? $lesson->evaporation
                    : null,
                $this->lessons,
            ),
        );
    }

    /** @return list<Observation> */
    public function brownings(HobHeat $heat, string $ring = ''): array
    {
        return self::those(
            array_map(
                static fn(Lesson $lesson): ?Observation => $lesson->heat === $heat && $lesson->ring === $ring ? $lesson->browning : null,
                $this->lessons,
            ),
        );
    }

    /** @return list<Observation> */
    public function flours(): array
    {
        return self::those(array_map(static fn(Lesson $lesson): ?Observation => $lesson->flour, $this->lessons));
    }

    /** @return array<string, non-empty-list<Factor>> how long this kitchen's hands take over the house's, pot by pot, by kind of step */
    public function hands(): array
    {
        $seen = [];
        foreach ($this->lessons as $lesson) {
            foreach ($lesson->hands as $kind => $observation) {
                $seen[$kind][] = $observation;
            }
        }

        return array_map(fn(array $observations): array => $this->course(Factor::unknown(self::HANDS_PRIOR), $observations), $seen);
    }

    /** @return array<string, float> minutes of its hands as shares of the house's, by kind of step that it has done */
    public function shares(): array
    {
        return array_map(static fn(array $course): float => $course[count($course) - 1]->value, $this->hands());
    }

    /**
     * @param list<Observation|null> $observations
     *
     * @return list<Observation>
     */
    private static function those(array $observations): array
    {
        return array_values(array_filter($observations));
    }
}
