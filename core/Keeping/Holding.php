<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Exception\OutOfRange;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\QuietSurface;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** A sauce kept hot in a bain-marie: what it loses, how it thickens, when it skins. Source: docs/model.md, H. */
final readonly class Holding
{
    public const LEAST = 40.0;

    public const MOST = 95.0;

    /** Share of the water a held sauce can lose before the law makes no sense. */
    private const MOST_LOST = 0.8;

    /** °C below which a sauce with yolk is never held (docs/model.md, H). */
    private const YOLK_AT_LEAST = 60.0;

    private function __construct(private Pan $insert, private Temperature $temperature, private Lid $lid) {}

    /** @throws OutOfRange unless it is held between 40 and 95 °C */
    public static function in(Pan $insert, Temperature $temperature, Lid $lid = Lid::Covered): self
    {
        $celsius = $temperature->inCelsius();
        if ($celsius < self::LEAST - 1e-9 || $celsius > self::MOST + 1e-9) {
            throw OutOfRange::between('holding-temperature', $celsius, self::LEAST, self::MOST, '°C');
        }

        return new self($insert, $temperature, $lid);
    }

    /** What has dried off. */
    public function lost(Sauce $sauce, Duration $time): Mass
    {
        $grams
            = QuietSurface::flux($this->temperature->inCelsius(), $this->lid) * $this->insert->areaSquareCentimetres() * $time->inMinutes();

        return Mass::ofGrams(min(self::MOST_LOST * $sauce->waterGrams, $grams));
    }

    public function after(Sauce $sauce, Duration $time): Sauce
    {
        return $sauce->withoutWater($this->lost($sauce, $time));
    }

    /** @return Duration|null until a skin forms on an uncovered patch; null where it never does */
    public function skin(): ?Duration
    {
        return QuietSurface::skin($this->temperature, $this->lid);
    }

    /** Whether it is hot enough for the kitchen's rules, and for yolk where there is any. */
    public function hotEnough(Sauce $sauce, FoodSafety $rules): bool
    {
        $least = max($rules->holdAtLeast->inCelsius(), $sauce->yolkGrams > 0.0 ? self::YOLK_AT_LEAST : 0.0);

        return $this->temperature->inCelsius() >= $least - 1e-9;
    }
}
