<?php

declare(strict_types=1);

namespace Lento\Assay;

/** How full a spoon or a dry cup is; what it holds against a level one is an estimate of the house, ±20 %. */
enum Fullness: string
{
    case Level = 'level';
    case Rounded = 'rounded';
    case Heaped = 'heaped';
    case Generous = 'generous';
    case Scant = 'scant';

    private const NAMES = [
        'heaped' => self::Heaped, 'heaping' => self::Heaped, 'rounded' => self::Rounded, 'generous' => self::Generous,
        'good' => self::Generous, 'scant' => self::Scant, 'level' => self::Level, 'levelled' => self::Level, 'leveled' => self::Level,
        'flat' => self::Level,
    ];

    /** @return array{self|null, string} what a text begins with, and what is left of it */
    public static function at(string $text): array
    {
        foreach (self::NAMES as $word => $full) {
            if (preg_match('/\A' . $word . '\s+(.+)\z/ius', $text, $parts) === 1) {
                return [$full, $parts[1]];
            }
        }

        return [null, $text];
    }

    /** @return list<self> that a cook chooses from where a recipe says nothing */
    public static function choices(): array
    {
        return [self::Level, self::Rounded, self::Heaped];
    }

    /** @return float times a level one */
    public function times(): float
    {
        return match ($this) {
            self::Level => 1.0,
            self::Rounded => 1.3,
            self::Heaped => 1.6,
            self::Generous => 1.1,
            self::Scant => 0.9,
        };
    }
}
