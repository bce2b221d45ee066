<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Pot\Pan;
use Lento\Quantity\Volume;

/** The pans of a kitchen, to pick for each pot of a service the smallest that holds it. */
final readonly class PanShelf
{
    /** @param list<Pan> $pans */
    private function __construct(private array $pans) {}

    /** @param list<Pan> $pans none where nobody has told of any: then one that suits is assumed */
    public static function of(array $pans): self
    {
        usort($pans, static fn(Pan $a, Pan $b): int => $a->brim()->cubicMetres <=> $b->brim()->cubicMetres);

        return new self($pans);
    }

    /** @return list<Pan> the smallest first */
    public function all(): array
    {
        return $this->pans;
    }

    /** Whether one of them holds it, or nobody has told of any. */
    public function hasOneFor(Volume $volume): bool
    {
        foreach ($this->pans as $pan) {
            if ($pan->fill($volume) <= Pan::FULL_WHEN_FOAMING) {
                return true;
            }
        }

        return $this->pans === [];
    }

    /** The smallest that holds it; a made-up one that suits where none does. */
    public function for(Volume $volume): Pan
    {
        foreach ($this->pans as $pan) {
            if ($pan->fill($volume) <= Pan::FULL_WHEN_FOAMING) {
                return $pan;
            }
        }

        return Pan::suiting($volume);
    }
}
