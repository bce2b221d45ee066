<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;

/** What can be practised here: every sauce that the kitchen knows, by its id. */
final readonly class Choices
{
    /**
     * @param array<string, string> $bases
     * @param array<string, string> $others
     */
    private function __construct(public array $bases, public array $others) {}

    public static function of(Kitchen $kitchen): self
    {
        $names = new SauceNames($kitchen);
        $others = [];
        foreach (array_keys($kitchen->catalogue()->derivatives()) as $id) {
            $others[$id] = $names->name($id, '');
        }
        asort($others);

        return new self(Words::bases(), $others);
    }
}
