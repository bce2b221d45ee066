<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Kitchen\Kitchen;
use App\Shelf\ShelvedTub;
use App\Shelf\Shelves;
use Carbon\CarbonImmutable;

/** The shelves: all that is kept, what wants a hand first. */
final readonly class ShelfPage
{
    /** @param list<ShelfRow> $rows */
    private function __construct(public array $rows, private Shelves $shelves, public ?TubPage $chosen, public bool $isPicked) {}

    /** @param ShelvedTub|null $picked the one that was asked for; null for what wants a hand first */
    public static function of(Shelves $shelves, ?ShelvedTub $picked, Kitchen $kitchen, CarbonImmutable $now): self
    {
        $rows = array_map(static fn(ShelvedTub $one): ShelfRow => ShelfRow::of($one, $now), $shelves->tubs);
        usort($rows, static fn(ShelfRow $a, ShelfRow $b): int => $a->rank() <=> $b->rank());
        $shown = $picked === null ? $rows[0] ?? null : ShelfRow::of($picked, $now);

        return new self($rows, $shelves, $shown === null ? null : TubPage::of($shown, $kitchen, $now), $picked !== null);
    }

    public function isChosen(ShelfRow $row): bool
    {
        return $this->chosen?->shelf->id === $row->id;
    }

    /** @return int|null the page after this; null where there is none */
    public function next(): ?int
    {
        return $this->shelves->all > $this->shelves->page * Shelves::SHOWN ? $this->shelves->page + 1 : null;
    }

    public function before(): ?int
    {
        return $this->shelves->page > 1 ? $this->shelves->page - 1 : null;
    }
}
