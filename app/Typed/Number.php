<?php

declare(strict_types=1);

namespace App\Typed;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/** A number as cooks write one, 1,5 or 1 1/2, within a range; the fault tells the range in the unit that was typed. */
final readonly class Number implements ValidationRule
{
    /** A number that is typed as its limit is within it, whatever its unit is reckoned to. */
    private const SLACK = 1e-9;

    /** @param bool $implicit whether an empty field is a fault as well; the framework asks for it by this name */
    private function __construct(
        private float $least,
        private float $most,
        private string $unit,
        private bool $whole = false,
        public bool $implicit = false,
    ) {}

    /** @param string $unit as it stands after the number: " min" */
    public static function between(float $least, float $most, string $unit = ''): self
    {
        return new self($least, $most, $unit);
    }

    public static function whole(int $least, int $most, string $unit = ''): self
    {
        return new self((float) $least, (float) $most, $unit, true);
    }

    public static function volume(VolumeUnit $unit, float $leastLitres, float $mostLitres): self
    {
        return new self(
            $unit->amountIn(Volume::ofLitres($leastLitres)),
            $unit->amountIn(Volume::ofLitres($mostLitres)),
            ' ' . $unit->value,
        );
    }

    public static function mass(MassUnit $unit, float $leastGrams, float $mostGrams): self
    {
        return new self($unit->amountIn(Mass::ofGrams($leastGrams)), $unit->amountIn(Mass::ofGrams($mostGrams)), ' ' . $unit->value);
    }

    public function needed(): self
    {
        return new self($this->least, $this->most, $this->unit, $this->whole, true);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $number = TypedNumber::read($value);
        if (
            $number === null
            || $number < $this->least - self::SLACK
            || $number > $this->most + self::SLACK
            || $this->whole && floor($number) !== $number
        ) {
            $fail('faults.number')->translate($this->range());
        }
    }

    /** What is wrong with a number that only turns out to be too small or too large with others. */
    public function outside(string $field): FieldFault
    {
        return FieldFault::of($field, 'number', $this->range());
    }

    /** @return array{least: string, most: string, unit: string} */
    private function range(): array
    {
        return ['least' => TypedNumber::plain($this->least), 'most' => TypedNumber::plain($this->most), 'unit' => $this->unit];
    }
}
