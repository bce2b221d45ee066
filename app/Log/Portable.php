<?php

declare(strict_types=1);

namespace App\Log;

use App\Kitchen\Kitchen;

/**
 * Ids that only one kitchen knows, told by what they mean: "ring-5" is its ring called so, "own-3" its own cream that is like whipping
 * cream.
 *
 * In a file such an id reads "ring:Front left", "own:whipping-cream:Farm cream" or "own-sauce:mornay:Ours". In another kitchen it becomes
 * what goes by
 * that name there; else a ring is just its name, and an ingredient or a sauce the one that it is like.
 */
final readonly class Portable
{
    private const RING = 'ring:';

    private const OWN = 'own:';

    private const SAUCE = 'own-sauce:';

    /**
     * @param array<string, string> $out by the id here
     * @param array<string, string> $in ids here by what they are called in a file
     */
    private function __construct(private array $out, private array $in) {}

    public static function of(Kitchen $kitchen): self
    {
        [$out, $in] = [[], []];
        foreach ($kitchen->hobs as $ring) {
            $out['ring-' . $ring->id] = self::RING . $ring->name;
        }
        foreach ($kitchen->entries as $entry) {
            if ($entry->name !== null) {
                $out[$entry->larderId()] = self::OWN . $entry->like . ':' . $entry->name;
            }
        }
        foreach ($kitchen->ownSauces() as $sauce) {
            $out[$sauce->sauceId()] = self::SAUCE . $sauce->basedOn . ':' . $sauce->name;
        }
        foreach ($out as $id => $called) {
            $in[self::name($called)] = $id;
        }

        return new self($out, $in);
    }

    /** What leaves for a file. */
    public function out(mixed $value): mixed
    {
        return self::mapped($value, fn(string $text): string => $this->out[$text] ?? $text);
    }

    /** What came from one. */
    public function in(mixed $value): mixed
    {
        return self::mapped(
            $value,
            fn(string $text): string => match (true) {
                str_starts_with($text, self::RING) => $this->in[self::name($text)] ?? substr($text, strlen(self::RING)),
                str_starts_with($text, self::OWN), str_starts_with($text, self::SAUCE) => $this->in[self::name($text)]
                    ?? (explode(':', $text, 3)[1] ?? $text),
                default => $text,
            },
        );
    }

    /** By kind and name: what something of one's own is like may differ from kitchen to kitchen. */
    private static function name(string $called): string
    {
        $parts = explode(':', $called, 3);

        return $parts[0] . ':' . ($parts[2] ?? $parts[1] ?? '');
    }

    /** @param callable(string): string $map */
    private static function mapped(mixed $value, callable $map): mixed
    {
        if (is_array($value)) {
            $mapped = [];
            foreach ($value as $key => $one) {
                $mapped[is_string($key) ? $map($key) : $key] = self::mapped($one, $map);
            }

            return $mapped;
        }

        return is_string($value) ? $map($value) : $value;
    }
}
