<?php

declare(strict_types=1);

namespace App\Pages;

/** The pots cooked, newest first, day by day. */
final readonly class LogPage
{
    /** @param array<string, non-empty-list<PotEntry>> $days */
    private function __construct(public array $days) {}

    /** @param list<PotEntry> $entries newest first */
    public static function of(array $entries): self
    {
        $days = [];
        foreach ($entries as $entry) {
            $days[($entry->finishedAt ?? $entry->startedAt)->format('l j F')][] = $entry;
        }

        return new self($days);
    }
}
