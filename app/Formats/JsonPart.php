<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use BackedEnum;

/** One object of a JSON request while it is read: values come out typed, faults are collected with the path that names them. */
final class JsonPart
{
    /** @var list<string> */
    private array $messages = [];

    /** @var list<string> */
    private array $asked = [];

    /** @param array<mixed> $values */
    private function __construct(private readonly array $values, private readonly string $path) {}

    /** @param array<mixed> $values */
    public static function root(array $values): self
    {
        return new self($values, '');
    }

    public function has(string $key): bool
    {
        $this->asked[] = $key;

        return array_key_exists($key, $this->values) && $this->values[$key] !== null;
    }

    /** A number, or a text as cooks write one; the fault names the range. */
    public function number(string $key, float $least, float $most, string $unit, ?float $usual = null): ?float
    {
        if (!$this->has($key)) {
            return $usual ?? $this->missing($key);
        }
        $value = $this->values[$key];
        $number = match (true) {
            is_int($value), is_float($value) => (float) $value,
            is_string($value) => TypedNumber::number(trim($value)),
            default => null,
        };
        if ($number === null || !is_finite($number) || $number < $least - 1e-9 || $number > $most + 1e-9) {
            return $this->fault(
                $key,
                new FieldFault('', 'number', ['least' => TypedNumber::plain($least), 'most' => TypedNumber::plain($most), 'unit' => $unit]),
            );
        }

        return $number;
    }

    public function text(string $key, ?string $usual = null): ?string
    {
        if (!$this->has($key)) {
            return $usual ?? $this->missing($key);
        }

        return is_string($this->values[$key]) && trim($this->values[$key]) !== ''
            ? trim($this->values[$key])
            : $this->fault($key, new FieldFault('', 'text'));
    }

    /** True is the only answer that makes sense. */
    public function flag(string $key): bool
    {
        if ($this->has($key) && $this->values[$key] === true) {
            return true;
        }
        $this->fault($key, new FieldFault('', 'yes_no'));

        return false;
    }

    /** What stands there if it is a text, in small letters; a number is no fault here. */
    public function wordOrNull(string $key): ?string
    {
        return $this->has($key) && is_string($this->values[$key]) ? mb_strtolower(trim($this->values[$key])) : null;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null $usual
     *
     * @return T|null
     */
    public function choice(string $key, string $enum, ?BackedEnum $usual = null): ?BackedEnum
    {
        if (!$this->has($key)) {
            return $usual ?? $this->missing($key);
        }
        $value = is_string($this->values[$key]) ? mb_strtolower(trim($this->values[$key])) : '';

        return $enum::tryFrom($value) ?? $this->notOneOf($key, array_column($enum::cases(), 'value'));
    }

    /** @param list<int|string> $choices */
    public function notOneOf(string $key, array $choices): null
    {
        $value = is_scalar($this->values[$key] ?? null) ? (string) $this->values[$key] : '?';

        return $this->fault(
            $key,
            new FieldFault('', 'choice', ['value' => mb_substr($value, 0, 40), 'choices' => implode(', ', $choices)]),
        );
    }

    public function object(string $key): ?self
    {
        if (!$this->has($key)) {
            return $this->missing($key);
        }
        $value = $this->values[$key];
        if (!is_array($value) || ($value !== [] && array_is_list($value))) {
            return $this->fault($key, new FieldFault('', 'shape'));
        }

        return new self($value, $this->named($key) . '.');
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        if (!$this->has($key)) {
            $this->missing($key);

            return [];
        }
        $value = $this->values[$key];
        $parts = [];
        foreach (is_array($value) && array_is_list($value) ? $value : [null] as $i => $one) {
            if (!is_array($one) || ($one !== [] && array_is_list($one))) {
                $this->fault($key, new FieldFault('', 'list'));

                return [];
            }
            $parts[] = new self($one, $this->named($key) . '.' . $i . '.');
        }

        return $parts;
    }

    public function fault(string $key, FieldFault $fault): null
    {
        $this->messages[] = $fault->message($this->named($key));

        return null;
    }

    /** Takes over what a part of it found wrong, and what it holds that nobody asked for. */
    public function join(self $part): void
    {
        array_push($this->messages, ...$part->messages());
    }

    /** @return list<string> */
    public function messages(): array
    {
        $unknown = array_diff(array_map(strval(...), array_keys($this->values)), $this->asked);

        return [
            ...$this->messages,
            ...array_map(
                fn(string $key): string => (new FieldFault('', 'unknown_key'))->message(mb_substr($this->named($key), 0, 60)),
                array_values($unknown),
            ),
        ];
    }

    public function named(string $key): string
    {
        return $key === '' ? rtrim($this->path, '.') : $this->path . $key;
    }

    private function missing(string $key): null
    {
        return $this->fault($key, new FieldFault('', 'missing'));
    }
}
