<?php

declare(strict_types=1);

namespace App\Pages\Kitchen;

use App\Format\Words;
use Carbon\CarbonImmutable;

/** One line of the audit as a chef reads it. */
final readonly class AuditLine
{
    private const LONGEST = 120;

    /** @param list<array{field: string, before: string, after: string}> $changes */
    private function __construct(
        public string $at,
        public string $iso,
        public string $by,
        public string $what,
        public array $changes,
    ) {}

    /**
     * @param array{at: CarbonImmutable, by: string, what: string, of: string, name: string} $line
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public static function of(array $line, array $before, array $after): self
    {
        $changes = [];
        [$before, $after] = [self::flat($before), self::flat($after)];
        foreach (array_keys($before + $after) as $field) {
            [$was, $is] = [self::text($before[$field] ?? null), self::text($after[$field] ?? null)];
            if ($was !== $is && !in_array($field, ['binned_at', 'archived_at'], true)) {
                $changes[] = ['field' => str_replace(['_', '.'], ' ', $field), 'before' => $was, 'after' => $is];
            }
        }

        return new self(
            $line['at']->format('j F, H:i'),
            $line['at']->format('c'),
            $line['by'] === '' ? Words::text('audit.nobody') : $line['by'],
            Words::text('audit.what.' . $line['what'], thing: Words::text('audit.of.' . $line['of']), name: $line['name']),
            $changes,
        );
    }

    /**
     * A column that holds a whole list of fields is told field by field.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function flat(array $values): array
    {
        $flat = [];
        foreach ($values as $field => $value) {
            $list = is_string($value) && str_starts_with($value, '{') ? json_decode($value, true) : null;
            foreach (is_array($list) ? $list : [] as $part => $inner) {
                $flat["{$field}.{$part}"] = $inner;
            }
            if (!is_array($list)) {
                $flat[$field] = $value;
            }
        }

        return $flat;
    }

    private static function text(mixed $value): string
    {
        $text = is_scalar($value) ? (string) $value : ($value === null ? '' : (string) json_encode($value, JSON_UNESCAPED_UNICODE));

        return mb_strlen($text) > self::LONGEST ? mb_substr($text, 0, self::LONGEST) . '…' : $text;
    }
}
