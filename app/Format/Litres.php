<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\Volume;

/** A volume as cooks say it: millilitres under a tenth of a litre, else litres with two decimals. */
final readonly class Litres
{
    private function __construct(public string $number, public string $unit) {}

    public static function of(Volume $volume): self
    {
        $litres = $volume->inLitres();

        return match (true) {
            $litres < 0.1 => new self(sprintf('%.0F', $volume->inMillilitres()), 'ml'),
            $litres < 20.0 => new self(sprintf('%.2F', $litres), 'l'),
            default => new self(sprintf('%.1F', $litres), 'l'),
        };
    }

    /** Without the idle zeros of "2.00": for a number a cook typed. */
    public static function short(Volume $volume): string
    {
        $litres = self::of($volume);

        return $litres->unit === 'l' ? rtrim(rtrim($litres->number, '0'), '.') : $litres->text();
    }

    public function text(): string
    {
        return $this->number . ' ' . $this->unit;
    }
}
