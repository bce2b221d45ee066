<?php

declare(strict_types=1);

namespace App\Typed;

use Lento\Quantity\KitchenNumber;

/**
 * A measure of a pan or a tub as cooks give it: 28 cm, 280 mm, 11 in, 280; kept in mm.
 *
 * A bare number is mm; one that is too small for any pan in mm can only be meant in cm.
 */
final readonly class PanMeasure
{
    private const IN_MILLIMETRES = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4, '"' => 25.4, '″' => 25.4];

    /** @param float $least mm, the least that it can be */
    public function __construct(private float $least) {}

    /** The whole mm, for whoever checks the range; as it was typed where it is no measure. */
    public function inMillimetres(string $typed): string
    {
        if (preg_match('/\A(' . KitchenNumber::PATTERN . ')\s*(mm|cm|in|inch|inches|"|″|)\z/ui', trim($typed), $parts) !== 1) {
            return $typed;
        }
        $number = TypedNumber::number($parts[1]);
        $unit = mb_strtolower($parts[2]);
        if ($number === null || $unit === '' && $number >= $this->least) {
            return $typed;
        }

        return sprintf('%.0F', $number * ($unit === '' ? self::IN_MILLIMETRES['cm'] : self::IN_MILLIMETRES[$unit]));
    }
}
