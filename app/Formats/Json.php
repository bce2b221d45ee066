<?php

declare(strict_types=1);

namespace App\Formats;

/** A part of a JSON text that its schema has been held against: what it holds, by type; nothing where it holds something else. */
final readonly class Json
{
    /** @param array<mixed> $values */
    private function __construct(private array $values) {}

    /** @param array<mixed> $values */
    public static function of(array $values): self
    {
        return new self($values);
    }

    public function number(string $key): ?int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) || is_float($value) && floor($value) === $value && abs($value) < 1e9 ? (int) $value : null;
    }

    public function text(string $key): string
    {
        return $this->word($key) ?? '';
    }

    public function word(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    public function part(string $key): ?self
    {
        $value = $this->values[$key] ?? null;

        return is_array($value) ? new self($value) : null;
    }

    /** @return list<self> */
    public function list(string $key): array
    {
        return array_values($this->map($key));
    }

    /** @return array<string, self> */
    public function map(string $key): array
    {
        return $this->part($key)?->all() ?? [];
    }

    /** @return array<string, self> all parts of it, by their names */
    public function all(): array
    {
        $parts = [];
        foreach ($this->values as $name => $one) {
            $parts[(string) $name] = new self(is_array($one) ? $one : []);
        }

        return $parts;
    }

    /** @return array<string, string> all texts of it, by their names */
    public function words(): array
    {
        $words = [];
        foreach ($this->values as $name => $one) {
            $words += is_string($one) ? [(string) $name => $one] : [];
        }

        return $words;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->values[$key] ?? null;

        return array_values(array_filter(is_array($value) ? $value : [], is_string(...)));
    }

    /** @return list<array{int, int}> */
    public function pairs(string $key): array
    {
        $value = $this->values[$key] ?? null;
        $pairs = [];
        foreach (is_array($value) ? $value : [] as $one) {
            if (is_array($one) && is_int($one[0] ?? null) && is_int($one[1] ?? null)) {
                $pairs[] = [$one[0], $one[1]];
            }
        }

        return $pairs;
    }
}
