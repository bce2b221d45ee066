<?php

declare(strict_types=1);

namespace App\Typed;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Quantity\MassUnit;
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;

/** A unit of weight, of volume, or either, as a cook of this kitchen calls it. */
final readonly class UnitWord implements ValidationRule
{
    /** @param list<class-string<MassUnit|VolumeUnit>> $kinds */
    private function __construct(private UnitNames $names, private array $kinds, private string $fault) {}

    public static function ofMass(UnitNames $names): self
    {
        return new self($names, [MassUnit::class], 'mass_unit');
    }

    public static function ofVolume(UnitNames $names): self
    {
        return new self($names, [VolumeUnit::class], 'unit');
    }

    public static function any(UnitNames $names): self
    {
        return new self($names, [MassUnit::class, VolumeUnit::class], 'any_unit');
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $unit = is_string($value) ? $this->names->find($value) : null;
        if ($unit === null || !in_array($unit::class, $this->kinds, true)) {
            $fail('faults.' . $this->fault)->translate(['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?']);
        }
    }
}
