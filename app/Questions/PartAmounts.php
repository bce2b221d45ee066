<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Compose\Formula;
use Lento\Procedure\Dose;

/** The parts of a formula in one field: each a number per litre. A part that the formula has not is left alone. */
final readonly class PartAmounts implements ValidationRule
{
    public function __construct(private Formula $formula) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        foreach ($this->typed($value) as [$part, $number]) {
            if ($number === null || $number < 0.0 || $number > Dose::MOST) {
                $fail('faults.part')->translate([
                    'part' => $part->ingredient,
                    'most' => TypedNumber::plain(Dose::MOST),
                    'unit' => $part->measure->value,
                ]);

                return;
            }
        }
    }

    /** @return array<string, float> per litre by ingredient, of those that are not as the formula has them */
    public function changed(mixed $value): array
    {
        $changed = [];
        foreach ($this->typed($value) as [$part, $number]) {
            if ($number !== null && abs($number - $part->perLitre) > 1e-9) {
                $changed[$part->ingredient] = $number;
            }
        }

        return $changed;
    }

    /** @return list<array{Dose, float|null}> */
    private function typed(mixed $value): array
    {
        $texts = PartsField::typed(is_string($value) ? $value : '');
        $known = array_filter($this->formula->parts(), static fn(Dose $part): bool => isset($texts[$part->ingredient]));

        return array_values(
            array_map(static fn(Dose $part): array => [$part, TypedNumber::number($texts[$part->ingredient])], $known),
        );
    }
}
