<?php

declare(strict_types=1);

namespace App\Search;

use App\Typed\Plain;

/** What somebody looks for: each of its words, as a search compares them. */
final readonly class Wanted
{
    public const LONGEST = 60;

    /** @param list<string> $words */
    private function __construct(public string $typed, public array $words) {}

    public static function of(string $typed): self
    {
        $typed = mb_substr(trim(mb_scrub($typed)), 0, self::LONGEST);
        $words = preg_split('/[\s,;]+/', Plain::text($typed), flags: PREG_SPLIT_NO_EMPTY);

        return new self($typed, $words === false ? [] : $words);
    }

    /** How well a text of that name answers, the less the better: by its name's beginning, by its name, by what is told of it. */
    public function rank(string $name, string $told = ''): ?int
    {
        [$name, $all] = [Plain::text($name), Plain::text($name . ' ' . $told)];
        $inName = 0;
        foreach ($this->words as $word) {
            if (!str_contains($all, $word)) {
                return null;
            }
            $inName += str_contains($name, $word) ? 1 : 0;
        }

        return match (true) {
            $this->words === [] => null,
            str_starts_with($name, $this->words[0]) => 0,
            $inName === count($this->words) => 1,
            default => 2,
        };
    }
}
