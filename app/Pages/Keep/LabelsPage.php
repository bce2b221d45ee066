<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Shelf\ShelvedTub;

/** The labels that are printed together, each on its own piece of a roll, or ten on a sheet. */
final readonly class LabelsPage
{
    public const LAYOUTS = ['roll', 'sheet'];

    public const MOST = 100;

    /** @param list<Label> $labels */
    private function __construct(public array $labels, public string $layout, public string $asked) {}

    /**
     * @param list<ShelvedTub> $tubs
     * @param string $asked as its address has it
     */
    public static function of(array $tubs, string $asked, string $layout): self
    {
        return new self(
            array_map(static fn(ShelvedTub $one): Label => new Label($one), $tubs),
            in_array($layout, self::LAYOUTS, true) ? $layout : 'roll',
            $asked,
        );
    }

    /** Where the label of that number stands on its sheet. */
    public function place(int $number): string
    {
        return sprintf('left: %smm; top: %smm', 15 + 90 * ($number % 2), 3.5 + 58 * intdiv($number, 2));
    }
}
