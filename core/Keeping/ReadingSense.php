<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Temperature;

/**
 * Whether a reading can be of the middle of a sauce that stands to cool.
 *
 * What is doubted is kept and shown, and judges nothing: a gate is passed by what was in the sauce.
 */
final readonly class ReadingSense
{
    public const LEAST_CELSIUS = -30.0;

    public const MOST_CELSIUS = 105.0;

    /** K by which a sauce may seem warmer than before: a stir brings up its middle, a probe is moved. */
    private const WARMER = 4.0;

    /** Times as fast as the law at its fastest: stirred ice, a splash, a probe that was in the wall before. */
    private const FASTER = 4.0;

    /** K that a probe may be off from one reading to the next. */
    private const OFF = 2.0;

    /** K that a temperature may be off that nobody read. */
    private const TOLD_OFF = 15.0;

    /** A value that does not move by as much, while the law says so much at least, is that of a probe that has died. */
    private const STILL = 0.05;

    private const SHOULD_HAVE_MOVED = 4.0;

    /**
     * @param non-empty-list<Stint> $stints
     * @param list<CoolingReading> $before that are believed, in the order of their times
     */
    public static function doubt(CoolingReading $reading, array $stints, array $before, Temperature $put): ?ReadingDoubt
    {
        $celsius = $reading->temperature->inCelsius();
        if (!($celsius >= self::LEAST_CELSIUS && $celsius <= self::MOST_CELSIUS)) {
            return ReadingDoubt::CannotBe;
        }
        $last = $before === [] ? new CoolingReading($stints[0]->from, $put) : $before[count($before) - 1];
        if ($before !== [] && $celsius > $last->temperature->inCelsius() + self::WARMER) {
            return ReadingDoubt::Warmer;
        }
        $foreseen = CoolingOutlook::byLaw($stints, $before === [] ? null : $last, $put);
        // As cold as the law lets it become in so many times the time.
        $ahead = max(0, $reading->at->getTimestamp() - $last->at->getTimestamp());
        $fast = $foreseen->temperature($last->at->modify(sprintf('+%d seconds', (int) ceil(self::FASTER * $ahead))))->inCelsius();
        if ($celsius < $fast - ($before === [] ? self::TOLD_OFF : self::OFF)) {
            return ReadingDoubt::InAir;
        }

        return self::isStuck($reading, $before, $foreseen) ? ReadingDoubt::Stuck : null;
    }

    /** @param list<CoolingReading> $before */
    private static function isStuck(CoolingReading $reading, array $before, CoolingOutlook $foreseen): bool
    {
        $first = null;
        for ($i = count($before) - 1; $i >= 0; $i--) {
            if (abs($before[$i]->temperature->kelvin - $reading->temperature->kelvin) > self::STILL) {
                break;
            }
            $first = $before[$i];
        }
        if ($first === null) {
            return false;
        }
        $span = $reading->at->getTimestamp() - $first->at->getTimestamp();
        $would = $foreseen->temperature($foreseen->last()->at->modify(sprintf('+%d seconds', $span)));

        return $reading->temperature->kelvin - $would->kelvin > self::SHOULD_HAVE_MOVED;
    }
}
