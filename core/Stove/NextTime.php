<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Compose\Composer;
use Lento\Compose\Sheet;
use Lento\Exception\LentoException;
use Lento\Learning\KitchenFactors;

/**
 * What to change when this sauce is cooked again: the same question, asked of a kitchen that has cooked this pot.
 *
 * One pot moves the figures only as far as one pot is worth.
 */
final readonly class NextTime
{
    /** Amounts that differ by less than this share are the same amounts. */
    private const SAME = 0.02;

    private function __construct(public Sheet $was, public Sheet $then, public KitchenFactors $kitchen) {}

    /** Null where nothing can be said: the pot never had all its liquid, or cannot be composed with what it has shown. */
    public static function of(PotWatch $pot, Outcome $outcome): ?self
    {
        if ($pot->sauce === null) {
            return null;
        }
        $kitchen = $pot->after($outcome)->kitchen();
        try {
            return new self($pot->sheet, (new Composer())->answer($pot->sheet->question->inKitchen($kitchen)), $kitchen);
        } catch (LentoException) {
            return null;
        }
    }

    /** @return float share by which the flour should change; 0 where it is as good as right */
    public function flour(): float
    {
        return self::change($this->was->roux->flour->kilograms, $this->then->roux->flour->kilograms);
    }

    /** @return float share by which the liquid should change; 0 where it is as good as right */
    public function liquid(): float
    {
        return self::change($this->was->liquid->cubicMetres, $this->then->liquid->cubicMetres);
    }

    private static function change(float $was, float $then): float
    {
        $change = $was > 0.0 ? $then / $was - 1.0 : 0.0;

        return abs($change) < self::SAME ? 0.0 : $change;
    }
}
