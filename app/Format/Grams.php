<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\Mass;

/** A mass as a kitchen scale shows it: tenths under 10 g, whole grams to 250 g, fives above, kilograms from 1 kg. */
final readonly class Grams
{
    private const FIVES_FROM = 250.0;

    private const KILOGRAMS_FROM = 1000.0;

    private function __construct(public string $number, public string $unit) {}

    public static function of(Mass $mass): self
    {
        $grams = self::rounded($mass->inGrams());

        return match (true) {
            $grams >= self::KILOGRAMS_FROM => new self(
                sprintf('%.' . ($grams >= 10 * self::KILOGRAMS_FROM ? 1 : 2) . 'F', $grams / 1000.0),
                'kg',
            ),
            $grams >= 10.0 || $grams === 0.0 => new self(sprintf('%.0F', $grams), 'g'),
            default => new self(sprintf('%.1F', $grams), 'g'),
        };
    }

    public function text(): string
    {
        return $this->number . ' ' . $this->unit;
    }

    private static function rounded(float $grams): float
    {
        return match (true) {
            $grams >= self::FIVES_FROM => 5.0 * round($grams / 5.0),
            $grams >= 9.95 => round($grams),
            default => round($grams, 1),
        };
    }
}
