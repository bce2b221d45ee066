<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\LentoException;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\Length;
use Lento\Quantity\MeasureSystem;
use Lento\Roux\Colour;

/** The lines of a recipe that say how instead of what: "roux: brown", "simmer: 20 min", "level: bare", "pan: 24 cm", "measures: imperial". */
final readonly class Settings
{
    private const LONGEST_SIMMER_MINUTES = 480.0;

    /** Height of a pan whose recipe gives only the width, as a share of it. */
    private const USUAL_HEIGHT = 0.6;

    private function __construct(
        public MeasureSystem $measures,
        public ?Colour $colour,
        public ?Duration $simmer,
        public ?SimmerLevel $level,
        public ?Pan $pan,
    ) {}

    public static function none(): self
    {
        return new self(MeasureSystem::UsCustomary, null, null, null, null);
    }

    /** The settings with one more line, or null where its value makes no sense. */
    public function with(string $name, string $value): ?self
    {
        try {
            return match ($name) {
                'roux' => $this->colour(Colour::tryFrom((string) preg_replace('/\s+roux\z/', '', $value))),
                'simmer' => $this->simmer($value),
                'level' => $this->level(SimmerLevel::tryFrom($value)),
                'pan' => $this->pan($value),
                'measures' => $this->measures(MeasureSystem::tryFrom($value)),
                default => null,
            };
        } catch (LentoException) {
            return null;
        }
    }

    private function colour(?Colour $colour): ?self
    {
        return $colour === null ? null : new self($this->measures, $colour, $this->simmer, $this->level, $this->pan);
    }

    private function level(?SimmerLevel $level): ?self
    {
        return $level === null ? null : new self($this->measures, $this->colour, $this->simmer, $level, $this->pan);
    }

    private function measures(?MeasureSystem $measures): ?self
    {
        return $measures === null ? null : new self($measures, $this->colour, $this->simmer, $this->level, $this->pan);
    }

    private function simmer(string $value): ?self
    {
        if (preg_match('/\A(' . KitchenNumber::PATTERN . ')\s*(min|mins|minutes?|h|hours?)?\z/u', $value, $parts) !== 1) {
            return null;
        }
        $minutes = KitchenNumber::parse($parts[1])->value * (str_starts_with($parts[2] ?? 'min', 'h') ? 60.0 : 1.0);

        return $minutes > self::LONGEST_SIMMER_MINUTES ? null : new self($this->measures, $this->colour, Duration::ofMinutes($minutes), $this->level, $this->pan);
    }

    private function pan(string $value): ?self
    {
        $number = KitchenNumber::PATTERN;
        if (preg_match('/\A(' . $number . ')(?:\s*[x×]\s*(' . $number . '))?\s*(mm|cm|in|inch|inches)\z/u', $value, $parts) !== 1) {
            return null;
        }
        $metres = ['mm' => 0.001, 'cm' => 0.01][$parts[3]] ?? 0.0254;
        $diameter = KitchenNumber::parse($parts[1])->value * $metres;
        $height = $parts[2] === '' ? $diameter * self::USUAL_HEIGHT : KitchenNumber::parse($parts[2])->value * $metres;

        return new self($this->measures, $this->colour, $this->simmer, $this->level, Pan::of(Length::ofMetres($diameter), Length::ofMetres($height)));
    }
}
