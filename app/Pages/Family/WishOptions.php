<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\Liquids;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Compose\Base;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Thickness\ThicknessClass;

/** What can be chosen for a wish: a sauce, what its base is made with, how thick. */
final readonly class WishOptions
{
    public function __construct(private Catalogue $catalogue, private Kitchen $kitchen, private SauceNames $names) {}

    /** @return array<string, string> names by id of all that can be wished for, families together */
    public function sauces(): array
    {
        $options = [];
        foreach (Base::cases() as $base) {
            if ($this->catalogue->parentOf($base->value) === null) {
                $options = [...$options, ...$this->optionsFrom($base->value, 0)];
            }
        }

        return $options;
    }

    /** @return array<string, string> what the base of a sauce can be made with; only one where there is no choice worth making */
    public function liquids(string $sauce): array
    {
        try {
            $ids = Liquids::of($sauce, $this->catalogue, $this->kitchen);
        } catch (LentoException) {
            return [];
        }

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /** @return list<ThicknessClass> */
    public function classes(): array
    {
        return ThicknessClass::askable();
    }

    /** @return array<string, string> */
    private function optionsFrom(string $id, int $depth): array
    {
        $options = [$id => str_repeat('– ', $depth) . $this->names->name($id)];
        foreach ($this->catalogue->childrenOf($id) as $child) {
            $options = [...$options, ...$this->optionsFrom($child, $depth + 1)];
        }

        return $options;
    }
}
