<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Words;
use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Typed\TypedNumber;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;

/** What can be chosen in one field, by its words, and which of it is; what was typed and is none of it stands there as well. */
final readonly class Options
{
    /** @param array<array-key, string> $names by value */
    private function __construct(public array $names, public string $chosen, public string $typed) {}

    /** Of a school, as docs/sauces.md has them. */
    public static function ofSchool(string $field, string $typed): self
    {
        $names = [];
        foreach (Choices::all()[$field] ?? [] as $choice) {
            $names[$choice] = self::word($field, $choice, 0);
        }

        return self::among($names, $typed);
    }

    /** Of a field that can be changed in a column of a comparison. */
    public static function ofField(string $field, string $typed, Kitchen $kitchen): self
    {
        return match ($field) {
            'colour' => self::among(self::named(array_column(Colour::cases(), 'value'), 'compose.colour.'), $typed),
            'thickness' => self::among(self::named(array_column(ThicknessClass::askable(), 'value'), 'thickness.class.'), $typed),
            'pan' => self::among(
                ['' => Words::text('compose.other_pan')] + array_map(static fn(OwnPan $pan): string => $pan->name, $kitchen->pans),
                $typed,
            ),
            default => self::ofSchool($field, $typed),
        };
    }

    /** What the chosen one changes, in a line; '' for what is none of them. */
    public function changes(string $field): string
    {
        return $this->isKnown() ? self::word($field, $this->chosen, 1) : '';
    }

    public function isChosen(string|int $value): bool
    {
        return $this->chosen === (string) $value;
    }

    /** Whether what was typed is one of them. */
    public function isKnown(): bool
    {
        return isset($this->names[$this->chosen]);
    }

    /** The name of a school, or what it changes. Its own name may hold a dot, which a key of the language files may not. */
    private static function word(string $field, string $choice, int $which): string
    {
        $words = trans('schools.' . $field);
        $word = is_array($words) && is_array($words[$choice] ?? null) ? $words[$choice][$which] ?? '' : '';

        return is_string($word) ? $word : '';
    }

    /** @param array<array-key, string> $names */
    private static function among(array $names, string $typed): self
    {
        $number = TypedNumber::number($typed);
        $same = static fn(string $value): bool => $value === $typed
            || is_numeric($value) && $number !== null && abs((float) $value - $number) < 1e-9;
        $known = array_values(array_filter(array_map(strval(...), array_keys($names)), $same));

        return new self($names, $known[0] ?? $typed, $typed);
    }

    /**
     * @param list<string> $values
     *
     * @return array<string, string>
     */
    private static function named(array $values, string $words): array
    {
        return array_combine($values, array_map(static fn(string $value): string => Words::text($words . $value), $values));
    }
}
