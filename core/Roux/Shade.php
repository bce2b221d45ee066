<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\OutOfRange;

/**
 * How far a roux has browned, on the scale 0 raw, 1 blond, 2 brown, 3 dark, 3.5 burnt.
 *
 * The shade grows as a power of the browning dose, which is the time the paste would have needed at 160 °C.
 * Source: docs/model.md, B; dose constant and exponent fitted to trade stove minutes.
 */
final readonly class Shade
{
    public const DARKEST = 4.0;

    /** From here on the roux is burnt and must be thrown away. */
    public const BURNT = 3.5;

    /** Dose in min at 160 °C that makes a blond roux (shade 1). */
    private const BLOND_DOSE = 1.40;

    private const DOSE_EXPONENT = 0.33;

    /** Shade at which half of the thickening is gone, and the steepness of the loss; ±0.03, ±0.12, ±0.08 at shades 1, 2, 3. */
    private const HALF_STRENGTH_SHADE = 2.28;

    private const STRENGTH_EXPONENT = 3.3;

    public const WHITE_BELOW = 0.6;

    private const BLOND_BELOW = 1.5;

    private const BROWN_BELOW = 2.8;

    private function __construct(public float $value) {}

    /** @throws OutOfRange outside 0 to 4 */
    public static function of(float $value): self
    {
        if (!is_finite($value) || $value < 0.0 || $value > self::DARKEST) {
            throw OutOfRange::between('roux-shade', $value, 0.0, self::DARKEST, '');
        }

        return new self($value);
    }

    /** @param float $minutesAt160 browning dose, min at 160 °C, >= 0 */
    public static function afterDose(float $minutesAt160): self
    {
        return new self(min(self::DARKEST, self::unclampedAfterDose($minutesAt160)));
    }

    /** @internal the inner loop of a roux needs the number without the object, and above 4 as well */
    public static function unclampedAfterDose(float $minutesAt160): float
    {
        return (max($minutesAt160, 0.0) / self::BLOND_DOSE) ** self::DOSE_EXPONENT;
    }

    /** @return float min at 160 °C */
    public function dose(): float
    {
        return self::BLOND_DOSE * $this->value ** (1.0 / self::DOSE_EXPONENT);
    }

    /** @return float thickening per gram of its flour left, 0 to 1; white = 1 */
    public function strength(): float
    {
        return 1.0 / (1.0 + ($this->value / self::HALF_STRENGTH_SHADE) ** self::STRENGTH_EXPONENT);
    }

    /** @return float share of the strength lost per unit of shade, here: how dear a misread colour is */
    public function strengthLoss(): float
    {
        return $this->value > 0.0 ? (1.0 - $this->strength()) * self::STRENGTH_EXPONENT / $this->value : 0.0;
    }

    public function stage(): Stage
    {
        return match (true) {
            $this->value < self::WHITE_BELOW => Stage::White,
            $this->value < self::BLOND_BELOW => Stage::Blond,
            $this->value < self::BROWN_BELOW => Stage::Brown,
            $this->value < self::BURNT => Stage::Dark,
            default => Stage::Burnt,
        };
    }

    public function swatch(): Swatch
    {
        return Swatch::ofShade($this->value);
    }
}
