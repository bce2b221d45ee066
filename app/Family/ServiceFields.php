<?php

declare(strict_types=1);

namespace App\Family;

/** What was typed of a service, kept as it was typed: a name and a time, what is wished for, what is in the cold. */
final readonly class ServiceFields
{
    public const MOST_ROWS = 60;

    private const LONGEST = 60;

    public const WISH = ['sauce', 'liquid', 'thickness', 'covers', 'each', 'litres', 'for', 'at', 'straight'];

    public const HAVE = ['sauce', 'liquid', 'litres'];

    /**
     * @param list<array<string, string>> $wishes
     * @param list<array<string, string>> $have
     */
    private function __construct(public string $name, public string $at, public string $spare, public array $wishes, public array $have) {}

    /** @param array<mixed> $said rows without a sauce are no rows */
    public static function from(array $said): self
    {
        return new self(
            self::text($said['name'] ?? ''),
            self::text($said['at'] ?? ''),
            self::text($said['spare'] ?? ''),
            self::rows($said['wishes'] ?? null, self::WISH),
            self::rows($said['have'] ?? null, self::HAVE),
        );
    }

    /** Without one of its wishes, by its number on the page; all of them where that is none. */
    public function without(string $row): self
    {
        $wishes = $this->wishes;
        if (ctype_digit($row)) {
            unset($wishes[(int) $row]);
        }

        return new self($this->name, $this->at, $this->spare, array_values($wishes), $this->have);
    }

    /** With so much more in the cold. */
    public function having(string $sauce, string $liquid, string $litres): self
    {
        return new self(
            $this->name,
            $this->at,
            $this->spare,
            $this->wishes,
            [...$this->have, ['sauce' => $sauce, 'liquid' => $liquid, 'litres' => $litres]],
        );
    }

    /** @return array<string, mixed> */
    public function toRow(): array
    {
        return ['name' => $this->name, 'at' => $this->at, 'spare' => $this->spare, 'wishes' => $this->wishes, 'have' => $this->have];
    }

    /**
     * @param list<string> $names
     *
     * @return array<int, array<string, string>> by their numbers on the page, those without a sauce too
     */
    public static function byNumber(mixed $rows, array $names): array
    {
        $read = [];
        $rows = is_array($rows) ? $rows : [];
        // A page shows them by their bases; their numbers say in which order they were wished for.
        ksort($rows);
        foreach (array_slice($rows, 0, self::MOST_ROWS, preserve_keys: true) as $number => $row) {
            $row = is_array($row) ? $row : [];
            $read[(int) $number] = array_combine(
                $names,
                array_map(static fn(string $name): string => self::text($row[$name] ?? ''), $names),
            );
        }

        return $read;
    }

    /**
     * @param list<string> $names
     *
     * @return list<array<string, string>>
     */
    private static function rows(mixed $rows, array $names): array
    {
        return array_values(array_filter(self::byNumber($rows, $names), static fn(array $row): bool => $row['sauce'] !== ''));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, self::LONGEST) : '';
    }
}
