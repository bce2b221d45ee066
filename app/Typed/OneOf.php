<?php

declare(strict_types=1);

namespace App\Typed;

use BackedEnum;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** One of a few words, in whatever letters; the fault names them. */
final readonly class OneOf implements ValidationRule
{
    /**
     * @param list<string> $choices
     * @param bool $implicit whether an empty field is a fault as well; the framework asks for it by this name
     */
    private function __construct(private array $choices, public bool $implicit = false) {}

    /** @param list<string> $choices */
    public static function of(array $choices): self
    {
        return new self($choices);
    }

    /** @param list<BackedEnum> $cases */
    public static function cases(array $cases): self
    {
        return new self(array_map(static fn(BackedEnum $case): string => (string) $case->value, $cases));
    }

    public function needed(): self
    {
        return new self($this->choices, true);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ($this->meant($value) === null) {
            $fail('faults.choice')->translate($this->told($value));
        }
    }

    /** The choice itself, whatever letters it was written in; null for none of them. */
    public function meant(mixed $value): ?string
    {
        $written = array_values(array_filter(
            $this->choices,
            static fn(string $choice): bool => $choice === $value || $choice === self::plain($value),
        ));

        return $written[0] ?? null;
    }

    /** What is wrong with a word that is none of them. */
    public function fault(string $field, mixed $value): FieldFault
    {
        return FieldFault::of($field, 'choice', $this->told($value));
    }

    /** As a choice is compared. */
    public static function plain(mixed $value): string
    {
        return is_scalar($value) ? mb_strtolower(trim((string) $value)) : '';
    }

    /** @return array{value: string, choices: string} */
    private function told(mixed $value): array
    {
        return ['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?', 'choices' => implode(', ', $this->choices)];
    }
}
