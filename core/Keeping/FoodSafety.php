<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/**
 * Limits for holding, cooling and reheating, as guidance to be checked against the local code; Lento certifies nothing.
 *
 * Source: docs/model.md, H, and the trade's published guidance as recalled; each preset can be replaced by a kitchen's own numbers.
 */
final readonly class FoodSafety
{
    /**
     * @param non-empty-string $name of the preset, or of the kitchen's own
     * @param non-empty-list<CoolingStage> $stages each counted from its own first temperature: two that begin alike are limits in all,
     *     one that begins where another ends has its own time from there
     * @param Duration|null $reheatWithin where the guidance names a time
     */
    private function __construct(
        public string $name,
        public Temperature $holdAtLeast,
        public array $stages,
        public Temperature $reheatTo,
        public ?Duration $reheatWithin,
        public Temperature $keepAtMost,
    ) {}

    public static function usModelCode(): self
    {
        // 57 to 21 °C in two hours, and from 57 to 5 °C in six hours in all.
        return new self(
            'us-model-code',
            self::celsius(57.0),
            [self::stage(57.0, 21.0, 2.0), self::stage(57.0, 5.0, 6.0)],
            self::celsius(74.0),
            self::hours(2.0),
            self::celsius(5.0),
        );
    }

    public static function ukGuidance(): self
    {
        return new self('uk-guidance', self::celsius(63.0), [self::stage(63.0, 8.0, 1.5)], self::celsius(75.0), null, self::celsius(8.0));
    }

    public static function australiaNewZealand(): self
    {
        // 60 to 21 °C in two hours, and four more of their own from 21 to 5 °C.
        return new self(
            'australia-nz',
            self::celsius(60.0),
            [self::stage(60.0, 21.0, 2.0), self::stage(21.0, 5.0, 4.0)],
            self::celsius(75.0),
            null,
            self::celsius(5.0),
        );
    }

    public static function codexStyle(): self
    {
        return new self('codex-style', self::celsius(60.0), [self::stage(60.0, 10.0, 2.0)], self::celsius(75.0), null, self::celsius(4.0));
    }

    /** @return Duration from where the first stage begins to the latest end that still is in time */
    public function span(): Duration
    {
        $latest = 0.0;
        foreach ($this->stages as $stage) {
            $before = $this->before($stage);
            $latest = max($latest, $stage->within->seconds + ($before->within->seconds ?? 0.0));
        }

        return Duration::ofSeconds($latest);
    }

    /** @return CoolingStage|null the one that ends where this begins; null for one that is counted from the start */
    public function before(CoolingStage $stage): ?CoolingStage
    {
        foreach ($this->stages as $one) {
            if (abs($one->to->kelvin - $stage->from->kelvin) < 1e-9) {
                return $one;
            }
        }

        return null;
    }

    /** @return non-empty-list<self> */
    public static function presets(): array
    {
        return [self::usModelCode(), self::ukGuidance(), self::australiaNewZealand(), self::codexStyle()];
    }

    /** @throws Unknown */
    public static function named(string $name): self
    {
        foreach (self::presets() as $preset) {
            if ($preset->name === $name) {
                return $preset;
            }
        }

        throw Unknown::name('food-safety-preset', $name);
    }

    /**
     * A kitchen's own numbers.
     *
     * @param non-empty-string $name
     * @param non-empty-list<CoolingStage> $stages
     *
     * @throws OutOfRange if a stage does not cool, or the sauce would be kept warmer than it is held
     */
    public static function own(
        string $name,
        Temperature $holdAtLeast,
        array $stages,
        Temperature $reheatTo,
        ?Duration $reheatWithin,
        Temperature $keepAtMost,
    ): self {
        foreach ($stages as $stage) {
            if ($stage->to->kelvin >= $stage->from->kelvin) {
                throw OutOfRange::between('end-of-a-cooling-stage', $stage->to->inCelsius(), 0.0, $stage->from->inCelsius(), '°C');
            }
        }
        if ($keepAtMost->kelvin >= $holdAtLeast->kelvin) {
            throw OutOfRange::between('temperature-to-keep-at', $keepAtMost->inCelsius(), 0.0, $holdAtLeast->inCelsius(), '°C');
        }

        return new self($name, $holdAtLeast, $stages, $reheatTo, $reheatWithin, $keepAtMost);
    }

    private static function celsius(float $celsius): Temperature
    {
        return Temperature::ofCelsius($celsius);
    }

    private static function hours(float $hours): Duration
    {
        return Duration::ofMinutes(60.0 * $hours);
    }

    private static function stage(float $from, float $to, float $hours): CoolingStage
    {
        return new CoolingStage(self::celsius($from), self::celsius($to), self::hours($hours));
    }
}
