<?php

declare(strict_types=1);

namespace App\Typed;

use BackedEnum;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;

/**
 * What was typed, held against rules by the framework's validator, and read by what it should be.
 *
 * Null is said of an empty field, for which the usual holds, and of a faulty one. The first fault of a field is the one that is told.
 */
final readonly class Fields
{
    /**
     * @param array<mixed> $typed
     * @param array<string, FieldFault> $faults by field
     */
    private function __construct(private array $typed, public array $faults) {}

    /**
     * @param array<mixed> $typed by field; parts of a part are told as "actions.0.at"
     * @param array<string, list<mixed>> $rules by field, as the framework has them; "actions.*.at" is of all of them
     */
    public static function read(array $typed, array $rules): self
    {
        $messages = Validator::make($typed, $rules, [], array_fill_keys(array_keys($rules), FieldFault::NAME))->errors()->getMessages();
        $faults = [];
        foreach ($messages as $field => $said) {
            $faults[$field] = FieldFault::said($field, is_string($said[0] ?? null) ? $said[0] : '');
        }

        return new self($typed, $faults);
    }

    /** @param array<string, FieldFault> $faults found by other means; those of the rules are told first, and say it of a part as well */
    public function and(array $faults): self
    {
        return new self($this->typed, [...$this->faults, ...array_filter(
            $faults,
            fn(string $field): bool => $field === '' || !Arr::hasAny(Arr::undot($this->faults), $field),
            ARRAY_FILTER_USE_KEY,
        )]);
    }

    /** @param array<string, FieldFault> $faults */
    public static function faulty(array $faults): self
    {
        return new self([], $faults);
    }

    /** @return list<string> each fault by its field's own name, as a program knows it, and what belongs together together */
    public function messages(): array
    {
        $faults = $this->faults;
        uksort($faults, strnatcmp(...));

        return array_map(
            static fn(FieldFault $fault): string => $fault->message($fault->field === '' ? 'request' : $fault->field),
            array_values($faults),
        );
    }

    public function isFaulty(string ...$fields): bool
    {
        return array_intersect_key($this->faults, array_flip($fields)) !== [];
    }

    /** As typed; '' where there is none. */
    public function text(string $field): string
    {
        $value = $this->value($field);

        return is_scalar($value) ? trim((string) $value) : '';
    }

    /** Whether something stands there, be it faulty. */
    public function has(string $field): bool
    {
        return $this->value($field) !== null;
    }

    public function number(string $field): ?float
    {
        return $this->isFaulty($field) ? null : TypedNumber::read($this->value($field));
    }

    /** The word of a choice, as the choice has it. */
    public function word(string $field): ?string
    {
        $word = OneOf::plain($this->value($field));

        return $word === '' || $this->isFaulty($field) ? null : $word;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function enum(string $field, string $enum): ?BackedEnum
    {
        $word = $this->word($field);

        return $word === null ? null : $enum::tryFrom($word);
    }

    private function value(string $field): mixed
    {
        return $this->typed[$field] ?? Arr::get($this->typed, $field);
    }
}
