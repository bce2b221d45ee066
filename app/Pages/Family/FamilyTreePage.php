<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Format\SauceNames;
use Lento\Compose\Base;
use Lento\Family\Catalogue;

/** All sauces as a tree: a base, what is made of it, what is made of that. */
final readonly class FamilyTreePage
{
    /** @param list<string> $putAway what the kitchen does not want to see here any more */
    public function __construct(public Catalogue $catalogue, public SauceNames $names, private array $putAway = []) {}

    /** @return list<string> bases that come from no other, those with the largest family first */
    public function roots(): array
    {
        $roots = array_values(
            array_filter(array_column(Base::cases(), 'value'), fn(string $id): bool => $this->catalogue->parentOf($id) === null),
        );
        $size = fn(string $id): int => count($this->catalogue->childrenOf($id));
        usort($roots, fn(string $a, string $b): int => $size($b) <=> $size($a));

        return $roots;
    }

    /** @return list<string> */
    public function children(string $id): array
    {
        return array_values(array_diff($this->catalogue->childrenOf($id), $this->putAway));
    }
}
