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
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;
use Lento\Roux\Colour;

/**
 * The lines of a recipe that say how instead of what: "roux: brown", "simmer: 20 min", "level: bare", "pan: 24 cm", "reduce: by 1/3",
 * "strain: no", "measures: imperial".
 */
final readonly class Settings
{
    private const LONGEST_SIMMER_MINUTES = 480.0;

    /** Height of a pan whose recipe gives only the width, as a share of it. */
    private const USUAL_HEIGHT = 0.6;

    private const FRACTIONS = [
        'a third' => '1/3',
        'one third' => '1/3',
        'two thirds' => '2/3',
        'a half' => '1/2',
        'half' => '1/2',
        'a quarter' => '1/4',
        'three quarters' => '3/4',
    ];

    private const YES = ['yes', 'y', 'true', 'strained', 'through a sieve'];

    private const NO = ['no', 'n', 'false', 'left in', 'unstrained'];

    private function __construct(
        public MeasureSystem $measures = MeasureSystem::UsCustomary,
        public ?Colour $colour = null,
        public ?Duration $simmer = null,
        public ?SimmerLevel $level = null,
        public ?Pan $pan = null,
        public ?ReduceTo $reduce = null,
        public ?bool $strain = null,
    ) {}

    public static function none(): self
    {
        return new self();
    }

    /** Whether something has been said of it. */
    public function has(string $name): bool
    {
        return match ($name) {
            'roux' => $this->colour !== null,
            'simmer' => $this->simmer !== null,
            'level' => $this->level !== null,
            'pan' => $this->pan !== null,
            'reduce' => $this->reduce !== null,
            'strain' => $this->strain !== null,
            default => false,
        };
    }

    /** The settings with one more line, or null where its value makes no sense. */
    public function with(string $name, string $value): ?self
    {
        try {
            $read = match ($name) {
                'roux' => Colour::tryFrom((string) preg_replace('/\s+roux\z/', '', $value)),
                'simmer' => self::minutes($value),
                'level' => SimmerLevel::tryFrom($value),
                'pan' => self::panOf($value),
                'measures' => MeasureSystem::tryFrom($value),
                'reduce' => $this->reduction($value),
                'strain' => self::yesOrNo($value),
                default => null,
            };
        } catch (LentoException) {
            $read = null;
        }

        return $read === null ? null : $this->but($read);
    }

    private function but(Colour|Duration|SimmerLevel|Pan|MeasureSystem|ReduceTo|bool $read): self
    {
        return new self(
            $read instanceof MeasureSystem ? $read : $this->measures,
            $read instanceof Colour ? $read : $this->colour,
            $read instanceof Duration ? $read : $this->simmer,
            $read instanceof SimmerLevel ? $read : $this->level,
            $read instanceof Pan ? $read : $this->pan,
            $read instanceof ReduceTo ? $read : $this->reduce,
            is_bool($read) ? $read : $this->strain,
        );
    }

    private static function minutes(string $value): ?Duration
    {
        if (preg_match('/\A(' . KitchenNumber::PATTERN . ')\s*(min|mins|minutes?|h|hours?)?\z/u', $value, $parts) !== 1) {
            return null;
        }
        $minutes = KitchenNumber::parse($parts[1])->value * (str_starts_with($parts[2] ?? 'min', 'h') ? 60.0 : 1.0);

        return $minutes > self::LONGEST_SIMMER_MINUTES ? null : Duration::ofMinutes($minutes);
    }

    private static function panOf(string $value): ?Pan
    {
        $number = KitchenNumber::PATTERN;
        if (preg_match('/\A(' . $number . ')(?:\s*[x×]\s*(' . $number . '))?\s*(mm|cm|in|inch|inches)\z/u', $value, $parts) !== 1) {
            return null;
        }
        $metres = ['mm' => 0.001, 'cm' => 0.01][$parts[3]] ?? 0.0254;
        $diameter = KitchenNumber::parse($parts[1])->value * $metres;
        $height = $parts[2] === '' ? $diameter * self::USUAL_HEIGHT : KitchenNumber::parse($parts[2])->value * $metres;

        return Pan::of(Length::ofMetres($diameter), Length::ofMetres($height));
    }

    /** "by 1/3", "by a third", "by 25 %", "to 400 ml", "to 1/2". */
    private function reduction(string $value): ?ReduceTo
    {
        $plain = strtr($value, self::FRACTIONS);
        if (preg_match('/\A(by|to)\s+(' . KitchenNumber::PATTERN . ')\s*(%|per cent|percent)?\s*(.*)\z/us', $plain, $parts) !== 1) {
            return null;
        }
        $number = KitchenNumber::parse($parts[2])->value * ($parts[3] === '' ? 1.0 : 0.01);
        if ($parts[4] !== '') {
            $unit = (new UnitNames($this->measures))->find($parts[4]);

            return $parts[1] === 'to' && $unit instanceof VolumeUnit && $parts[3] === '' ? ReduceTo::volume($unit->of($number)) : null;
        }

        return ReduceTo::share($parts[1] === 'by' ? 1.0 - $number : $number);
    }

    private static function yesOrNo(string $value): ?bool
    {
        return in_array($value, self::YES, true) ? true : (in_array($value, self::NO, true) ? false : null);
    }
}
