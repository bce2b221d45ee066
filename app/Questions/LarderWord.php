<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\OneOf;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Assay\KitchenWords;

/** A larder name, or an everyday word for it: "milk", "beef stock", "ghee". */
final readonly class LarderWord implements ValidationRule
{
    /** @param list<string> $choices larder names; any word is well where there are none to choose from */
    public function __construct(private array $choices) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ($this->choices !== [] && $this->meant($value) === null) {
            OneOf::of($this->choices)->validate($attribute, $value, $fail);
        }
    }

    public function meant(mixed $value): ?string
    {
        $typed = OneOf::plain($value);
        $meant = in_array($typed, $this->choices, true) ? $typed : (KitchenWords::read($typed)['id'] ?? '');

        return in_array($meant, $this->choices, true) ? $meant : null;
    }
}
