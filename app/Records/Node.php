<?php

declare(strict_types=1);

namespace App\Records;

use BackedEnum;
use Lento\Exception\LentoException;

/** A place in decoded JSON, read by what it should hold; it says where it stands when it does not. */
final readonly class Node
{
    private function __construct(private mixed $value, private string $path) {}

    public static function root(mixed $value, string $path = ''): self
    {
        return new self($value, $path);
    }

    /** Something wrong with what stands here. */
    public function wrong(string $why): Unreadable
    {
        return Unreadable::at($this->path, $why);
    }

    /**
     * Part of what stands here, at the same place.
     *
     * @param array<string, mixed> $part
     */
    public function within(array $part): self
    {
        return new self($part, $this->path);
    }

    public function has(string $key): bool
    {
        return is_array($this->value) && isset($this->value[$key]);
    }

    public function get(string $key): self
    {
        $path = $this->path === '' ? $key : $this->path . '.' . $key;

        return is_array($this->value) && array_key_exists($key, $this->value)
            ? new self($this->value[$key], $path)
            : throw Unreadable::at($path, 'missing');
    }

    /** What stands at a key; null where nothing does. */
    public function maybe(string $key): ?self
    {
        return $this->has($key) ? $this->get($key) : null;
    }

    public function float(): float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : throw Unreadable::at($this->path, 'shape');
    }

    /** @return int<0, max> */
    public function whole(): int
    {
        return is_int($this->value) && $this->value >= 0 ? $this->value : throw Unreadable::at($this->path, 'shape');
    }

    public function text(): string
    {
        return is_string($this->value) ? $this->value : throw Unreadable::at($this->path, $this->value === null ? 'missing' : 'text');
    }

    /** @return non-empty-string */
    public function name(): string
    {
        $text = $this->text();

        return $text === '' ? throw Unreadable::at($this->path, 'missing') : $text;
    }

    public function atMost(int $longest, int $shortest = 0): string
    {
        $text = $this->text();

        return match (true) {
            mb_strlen($text) < $shortest => throw Unreadable::at($this->path, 'missing'),
            mb_strlen($text) > $longest => throw Unreadable::at($this->path, 'too_long'),
            default => $text,
        };
    }

    /**
     * Nothing stands here but under these keys.
     *
     * @param list<string> $keys
     *
     * @throws Unreadable naming the one that is not known
     */
    public function only(array $keys): void
    {
        foreach (array_diff(array_map(strval(...), array_keys($this->raw())), $keys) as $unknown) {
            throw $this->get($unknown)->wrong('unknown_key');
        }
    }

    public function yes(): bool
    {
        return is_bool($this->value) ? $this->value : throw Unreadable::at($this->path, 'yes_no');
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function one(string $enum): BackedEnum
    {
        return $enum::tryFrom($this->text()) ?? throw Unreadable::at($this->path, 'shape');
    }

    /** @return list<self> */
    public function all(): array
    {
        if (!is_array($this->value) || !array_is_list($this->value)) {
            throw Unreadable::at($this->path, 'list');
        }

        return array_map(fn(mixed $one, int $i): self => new self($one, $this->path . '.' . $i), $this->value, array_keys($this->value));
    }

    /** @return array<string, self> */
    public function named(): array
    {
        $named = [];
        foreach ($this->raw() as $key => $value) {
            $named[$key] = new self($value, $this->path . '.' . $key);
        }

        return $named;
    }

    /** @return array<string, mixed> */
    public function raw(): array
    {
        if (!is_array($this->value) || $this->value !== [] && array_is_list($this->value)) {
            throw Unreadable::at($this->path, $this->value === null ? 'missing' : 'shape');
        }

        /** @var array<string, mixed> */
        return $this->value;
    }

    /** @return list<mixed> */
    public function listed(): array
    {
        return is_array($this->value) && array_is_list($this->value) ? $this->value : throw Unreadable::at($this->path, 'list');
    }

    /** @return list<float> */
    public function floats(): array
    {
        return array_map(static fn(self $one): float => $one->float(), $this->all());
    }

    /**
     * A value of the core from here; what it refuses is refused here.
     *
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T
     */
    public function into(callable $make): mixed
    {
        try {
            return $make($this);
        } catch (LentoException $refusal) {
            throw Unreadable::at($this->path, 'shape', $refusal);
        }
    }
}
