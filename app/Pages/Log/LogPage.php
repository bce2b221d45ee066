<?php

declare(strict_types=1);

namespace App\Pages\Log;

use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Log\LogSearch;

/** The pots cooked, newest first, day by day; of those that were looked for, a page. */
final readonly class LogPage
{
    /** @param array<string, non-empty-list<PotEntry>> $days */
    private function __construct(public array $days, public LogSearch $search, public int $found, private int $number, private int $last) {}

    /** @param list<PotEntry> $entries newest first */
    public static function of(array $entries, LogSearch $search, int $found, int $number, int $last): self
    {
        $days = [];
        foreach ($entries as $entry) {
            $days[($entry->finishedAt ?? $entry->startedAt)->format('l j F Y')][] = $entry;
        }

        return new self($days, $search, $found, $number, $last);
    }

    /** @return array<string, string> names of what has been cooked here, by id */
    public function sauces(): array
    {
        $ids = LogSearch::sauces();
        $names = new SauceNames(app(Kitchen::class));

        return array_combine($ids, array_map(static fn(string $id): string => $names->name($id), $ids));
    }

    /** @return array<string, string>|null the address of the page before; null on the first */
    public function newer(): ?array
    {
        return $this->number > 1 ? $this->page($this->number - 1) : null;
    }

    /** @return array<string, string>|null */
    public function older(): ?array
    {
        return $this->number < $this->last ? $this->page($this->number + 1) : null;
    }

    /** @return array<string, string> */
    private function page(int $number): array
    {
        return [...$this->search->asked(), ...($number === 1 ? [] : ['page' => (string) $number])];
    }
}
