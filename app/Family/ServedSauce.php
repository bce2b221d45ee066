<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;

/** A base or derivative that this kitchen has, and has the liquid for. */
final readonly class ServedSauce implements ValidationRule
{
    public function __construct(private Catalogue $catalogue, private Kitchen $kitchen) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (!is_string($value) || !$this->isKnown($value)) {
            $fail('faults.unknown_sauce')->translate(['value' => is_scalar($value) ? (string) $value : '?']);
        }
    }

    private function isKnown(string $sauce): bool
    {
        try {
            Liquids::of($sauce, $this->catalogue, $this->kitchen);

            return $this->catalogue->has($sauce);
        } catch (LentoException) {
            return false;
        }
    }
}
