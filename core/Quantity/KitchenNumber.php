<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\NotANumber;

/** A number as cooks write it: 2, 0.5, 0,5, 1/2, 1 1/2, ¾, 1¾. */
final readonly class KitchenNumber
{
    private const GLYPHS = [
        '¼' => '1/4',
        '½' => '1/2',
        '¾' => '3/4',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
        '⅕' => '1/5',
        '⅖' => '2/5',
        '⅗' => '3/5',
        '⅘' => '4/5',
        '⅙' => '1/6',
        '⅚' => '5/6',
    ];

    private const WRITTEN = ['¼' => 0.25, '½' => 0.5, '¾' => 0.75, '⅓' => 1.0 / 3.0, '⅔' => 2.0 / 3.0];

    /** Closer than this two amounts are the same in any kitchen. */
    private const SAME = 1e-6;

    /** What a number looks like at the start of a line; digits are limited so that no text can grow into INF. */
    public const PATTERN = '(?:\d{1,9}\s+\d{1,4}\s*[\/⁄]\s*\d{1,4}|\d{1,4}\s*[\/⁄]\s*\d{1,4}|\d{1,'
        . '9}\s*[¼½¾⅓⅔⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚]|[¼½¾⅓⅔⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚]|\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9})';

    private function __construct(public float $value) {}

    /** The nearest quarter, as spoons and cups are read; a half at least where nobody cuts finer. */
    public static function toQuarters(float $value, float $least = 0.25): self
    {
        return new self(max($least, round($value * 4.0) / 4.0));
    }

    public static function exactly(float $value): self
    {
        return new self($value);
    }

    /** As a cook writes it: 2, ½, 1¾; what is no quarter or third stays a decimal. */
    public function text(): string
    {
        $whole = floor($this->value + self::SAME);
        $part = $this->value - $whole;
        if (abs($part) < self::SAME) {
            return sprintf('%.0F', $whole);
        }
        foreach (self::WRITTEN as $glyph => $fraction) {
            if (abs($part - $fraction) < self::SAME) {
                return ($whole > 0.0 ? sprintf('%.0F', $whole) : '') . $glyph;
            }
        }

        return rtrim(sprintf('%.2F', $this->value), '0');
    }

    /** @throws NotANumber if the whole text is not one such number, or divides by zero */
    public static function parse(string $text): self
    {
        $trimmed = trim($text);
        if (preg_match('/\A' . self::PATTERN . '\z/u', $trimmed) !== 1) {
            throw NotANumber::text($text);
        }
        $plain = str_replace([',', '⁄'], ['.', '/'], $trimmed);
        foreach (self::GLYPHS as $glyph => $fraction) {
            $plain = str_replace($glyph, ' ' . $fraction, $plain);
        }
        $sum = 0.0;
        foreach (explode(' ', (string) preg_replace(['/\s*\/\s*/', '/\s+/'], ['/', ' '], trim($plain))) as $part) {
            $sum += self::part($part, $text);
        }

        return new self($sum);
    }

    private static function part(string $part, string $whole): float
    {
        [$top, $bottom] = [...explode('/', $part), '1'];
        if ((float) $bottom === 0.0) {
            throw NotANumber::text($whole);
        }

        return (float) $top / (float) $bottom;
    }
}
