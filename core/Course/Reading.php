<?php

declare(strict_types=1);

namespace Lento\Course;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\Shade;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\TrailWord;

/** Something read off a pot: by eye, by probe, by dip-stick, by scale, or by a test of its thickness. */
final readonly class Reading
{
    /** Errors of an eye that anybody has. */
    private const LEAST_ERROR = 0.01;

    private const MOST_ERROR = 2.0;

    /**
     * @param float $si in the unit that ReadingKind::range() names
     * @param float|null $error of the eye that read it: of a shade in shades, of a spoon's word in the logarithm of the thickness; null for
     *     the house's
     */
    private function __construct(public ReadingKind $kind, private float $si, public ?float $error = null) {}

    /** By an eye that is known. */
    public function byAnEye(float $error): self
    {
        return new self($this->kind, $this->si, max(self::LEAST_ERROR, min(self::MOST_ERROR, is_nan($error) ? self::MOST_ERROR : $error)));
    }

    /** @throws OutOfRange outside the kind's range */
    public static function ofSi(ReadingKind $kind, float $si): self
    {
        [$least, $most] = $kind->range();
        if (!is_finite($si) || $si < $least - 1e-9 || $si > $most + 1e-9) {
            throw OutOfRange::between('reading-' . $kind->value, is_finite($si) ? $si : 0.0, $least, $most, 'SI');
        }

        return new self($kind, $si);
    }

    public static function colour(Shade $shade): self
    {
        return self::ofSi(ReadingKind::Colour, $shade->value);
    }

    /** @throws OutOfRange outside 0 to 300 °C */
    public static function temperature(Temperature $temperature): self
    {
        return self::ofSi(ReadingKind::Temperature, $temperature->kelvin);
    }

    /** @throws OutOfRange outside 1 mm to 1 m */
    public static function depth(Length $depth): self
    {
        return self::ofSi(ReadingKind::Depth, $depth->metres);
    }

    /**
     * On the scale, pan and all.
     *
     * @throws OutOfRange outside 100 g to 400 kg
     */
    public static function weight(Mass $withPan): self
    {
        return self::ofSi(ReadingKind::Weight, $withPan->kilograms);
    }

    public static function spoon(SpoonWord $word): self
    {
        return self::ofSi(ReadingKind::Spoon, (float) $word->number());
    }

    public static function line(bool $holds): self
    {
        return self::ofSi(ReadingKind::Line, $holds ? 1.0 : 0.0);
    }

    public static function trail(TrailWord $word): self
    {
        return self::ofSi(ReadingKind::Trail, (float) $word->number());
    }

    public static function ribbon(bool $holds): self
    {
        return self::ofSi(ReadingKind::Ribbon, $holds ? 1.0 : 0.0);
    }

    public function asTrailWord(): TrailWord
    {
        return TrailWord::cases()[(int) round($this->si)] ?? TrailWord::ClosesAtOnce;
    }

    public function ribbonHolds(): bool
    {
        return $this->si > 0.5;
    }

    /**
     * How far 50 ml have run on a plate after half a minute.
     *
     * @throws OutOfRange outside 50 to 250 mm
     */
    public static function spread(Length $across): self
    {
        return self::ofSi(ReadingKind::Spread, $across->metres);
    }

    /**
     * How long 100 ml take through the funnel.
     *
     * @throws OutOfRange outside 1 s to 10 min
     */
    public static function funnel(Duration $time, bool $wide): self
    {
        return self::ofSi($wide ? ReadingKind::FunnelWide : ReadingKind::FunnelNarrow, $time->seconds);
    }

    /** @return float in the unit that ReadingKind::range() names */
    public function inSi(): float
    {
        return $this->si;
    }

    public function asShade(): Shade
    {
        return Shade::of($this->si);
    }

    public function asTemperature(): Temperature
    {
        return Temperature::ofKelvin($this->si);
    }

    public function asLength(): Length
    {
        return Length::ofMetres($this->si);
    }

    public function asMass(): Mass
    {
        return Mass::ofKilograms($this->si);
    }

    public function asDuration(): Duration
    {
        return Duration::ofSeconds($this->si);
    }

    public function asSpoonWord(): SpoonWord
    {
        return SpoonWord::ofNumber((int) round($this->si)) ?? SpoonWord::Coats;
    }

    public function lineHolds(): bool
    {
        return $this->si > 0.5;
    }
}
