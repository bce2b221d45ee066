<?php

declare(strict_types=1);

namespace App\Family;

/** What was typed of a base that is there: which, how much, what else is short, what is wished for. */
final readonly class SupplyFields
{
    private const MOST = 40;

    /**
     * @param array<string, string> $short g or ml on hand by ingredient
     * @param array<string, string> $wishes litres by sauce
     */
    private function __construct(
        public string $base,
        public string $liquid,
        public string $litres,
        public array $short,
        public array $wishes,
    ) {}

    /** @param array<mixed> $query */
    public static function from(array $query): self
    {
        $text = static fn(mixed $value): string => is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, 40) : '';

        return new self(
            $text($query['base'] ?? 'veloute'),
            $text($query['liquid'] ?? ''),
            $text($query['litres'] ?? '3'),
            self::named($query['short'] ?? null, $text),
            self::named($query['wish'] ?? null, $text),
        );
    }

    /**
     * @param callable(mixed): string $text
     *
     * @return array<string, string> without what was left empty
     */
    private static function named(mixed $all, callable $text): array
    {
        $named = [];
        foreach (is_array($all) ? array_slice($all, 0, self::MOST, true) : [] as $name => $value) {
            if (is_string($name) && preg_match('/\A[a-z0-9-]{1,40}\z/', $name) === 1 && $text($value) !== '') {
                $named[$name] = $text($value);
            }
        }

        return $named;
    }
}
