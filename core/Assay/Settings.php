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
 * "strain: no", "measures: imperial", "cook: 2 min" (the flour in its fat), "spoons: heaped",
 * "yield: 1 litre", "serves: 4", "time: 35 min", "name: Gran’s gravy".
 */
final readonly class Settings
{
    private const LONGEST_SIMMER_MINUTES = 480.0;

    private const LONGEST_ROUX_MINUTES = 240.0;

    private const LONGEST_NAME = 60;

    private const PORTIONS = '/\A(?:(?:servings?|portions?|helpings?|people|persons|covers|guests) )?of it\z/u';

    private const MOST_PORTIONS = 10_000.0;

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
        public RouxAsWritten $roux,
        public SaidOutcome $said,
        public MeasureSystem $measures = MeasureSystem::UsCustomary,
        public ?Duration $simmer = null,
        public ?SimmerLevel $level = null,
        public ?Pan $pan = null,
        public ?ReduceTo $reduce = null,
        public ?bool $strain = null,
        public ?Fullness $spoons = null,
    ) {}

    public static function none(): self
    {
        return new self(RouxAsWritten::unsaid(), SaidOutcome::nothing());
    }

    /** Whether something has been said of it. */
    public function has(string $name): bool
    {
        return match ($name) {
            'roux' => $this->roux->colour !== null,
            'cook' => $this->roux->cooked !== null,
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
                'roux' => $this->colour($value),
                'cook' => $this->cooked($value),
                'simmer' => self::minutes($value),
                'level' => SimmerLevel::tryFrom($value),
                'pan' => self::panOf($value),
                'measures' => MeasureSystem::tryFrom($value),
                'reduce' => $this->reduction($value),
                'strain' => self::yesOrNo($value),
                'spoons' => Fullness::tryFrom($value),
                'name' => $this->said->named(mb_substr($value, 0, self::LONGEST_NAME)),
                'yield', 'serves', 'makes' => $this->yield($value),
                'time' => $this->time($value),
                default => null,
            };
        } catch (LentoException) {
            $read = null;
        }

        return $read === null ? null : $this->but($read);
    }

    private function colour(string $value): ?RouxAsWritten
    {
        $colour = Colour::tryFrom((string) preg_replace('/\s+roux\z/', '', $value));

        return $colour === null ? null : $this->roux->coloured($colour);
    }

    private function cooked(string $value): ?RouxAsWritten
    {
        $time = self::minutes($value);

        return $time === null || $time->inMinutes() > self::LONGEST_ROUX_MINUTES ? null : $this->roux->cookedFor($time);
    }

    private function but(RouxAsWritten|SaidOutcome|Duration|SimmerLevel|Pan|MeasureSystem|ReduceTo|Fullness|bool $read): self
    {
        return new self(
            $read instanceof RouxAsWritten ? $read : $this->roux,
            $read instanceof SaidOutcome ? $read : $this->said,
            $read instanceof MeasureSystem ? $read : $this->measures,
            $read instanceof Duration ? $read : $this->simmer,
            $read instanceof SimmerLevel ? $read : $this->level,
            $read instanceof Pan ? $read : $this->pan,
            $read instanceof ReduceTo ? $read : $this->reduce,
            is_bool($read) ? $read : $this->strain,
            $read instanceof Fullness ? $read : $this->spoons,
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

    /** "4", "4–6 servings", "about 2 cups", "1 litre" */
    private function yield(string $value): ?SaidOutcome
    {
        $plain = (string) preg_replace('/\A(?:about|approx(?:imately)?\.?|roughly|serves|makes)\s+/iu', '', $value);
        $amount = WrittenAmount::read($plain . ' of it', $this->measures);
        if ($amount === null) {
            return null;
        }
        [$number, $unit] = $amount->parts[0];

        return match (true) {
            $unit instanceof VolumeUnit => $this->said->making($unit->of($number)),
            $unit !== null || $number < 1.0 || $number > self::MOST_PORTIONS => null,
            preg_match(self::PORTIONS, $amount->phrase) === 1 => $this->said->serving(max(1, (int) round($number))),
            default => null,
        };
    }

    private function time(string $value): ?SaidOutcome
    {
        $time = self::minutes($value);

        return $time === null ? null : $this->said->taking($time);
    }

    private static function yesOrNo(string $value): ?bool
    {
        return in_array($value, self::YES, true) ? true : (in_array($value, self::NO, true) ? false : null);
    }
}
