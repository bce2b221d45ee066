<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Plan\StepKind;

/**
 * Whether a device can have read this of this pot: a probe that hangs in the air, or a scale whose pot was lifted, has not.
 *
 * Only for devices. What a cook reads and types counts as it is. The limits are wide, estimated, not calibrated: they keep out what would
 * wreck a forecast, and leave in a pot that goes its own way.
 */
final readonly class Plausible
{
    /** Share of the sauce that should be there: less was ladled or lifted, more is a ladle laid on the scale. */
    private const LEAST_SHARE = 0.4;

    private const MOST_SHARE = 1.4;

    /** °C of a sauce under its simmer or reduction; and of any sauce. Water boils, so none is hotter than a few degrees over 100. */
    private const LEAST_SIMMERING = 50.0;

    private const MOST_SAUCE = 112.0;

    /** °C at which fat burns in any roux. */
    private const MOST_ROUX = 230.0;

    private function __construct() {}

    /** @param PotWatch|null $pot null where there is no sheet, and so nothing to hold it against */
    public static function reading(Reading $reading, ?PotWatch $pot): bool
    {
        return $pot === null || match ($reading->kind) {
            ReadingKind::Weight => self::weight($reading->asMass()->inGrams(), $pot),
            ReadingKind::Temperature => self::temperature($reading->asTemperature()->inCelsius(), $pot),
            default => true,
        };
    }

    private static function weight(float $grams, PotWatch $pot): bool
    {
        $pan = $pot->cooking->place->pan->mass()->inGrams();
        if ($pot->sauce === null) {
            return $grams > 0.5 * $pan;
        }
        $expected = $pot->sauce->reckoning->sauce->grams();

        return $grams >= $pan + self::LEAST_SHARE * $expected && $grams <= $pan + self::MOST_SHARE * $expected;
    }

    private static function temperature(float $celsius, PotWatch $pot): bool
    {
        $simmers = in_array($pot->course->step()->kind, [StepKind::Simmer, StepKind::Reduce], true);

        return $celsius <= ($pot->sauce === null ? self::MOST_ROUX : self::MOST_SAUCE) && (!$simmers || $celsius >= self::LEAST_SIMMERING);
    }
}
