<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\LentoException;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;

/**
 * How much a line says, as cooks write it: "2 oz", "1 quart plus 1 cup", "2 x 400 ml", "a 14 oz tin of", "3–4 tbsp", "half a litre of",
 * "a knob of"; and what is left of the line after it.
 */
final readonly class WrittenAmount
{
    public const STICK = 'stick';

    /** Numbers that are written out. */
    private const WORDS = [
        'half a' => 0.5, 'half an' => 0.5, 'a half' => 0.5, 'half' => 0.5, 'quarter of a' => 0.25, 'a quarter of a' => 0.25,
        'a quarter' => 0.25, 'three quarters of a' => 0.75, 'one and a half' => 1.5, 'a couple of' => 2.0, 'a dozen' => 12.0,
        'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'eight' => 8.0, 'ten' => 10.0,
        'twelve' => 12.0, 'a' => 1.0, 'an' => 1.0,
    ];

    /**
     * What a hand or a bottle gives without measuring, in g or ml: estimates of the house, ±50 %. They are said to be guessed.
     */
    private const BY_HAND = [
        'knob' => [15.0, MassUnit::Gram], 'walnut' => [15.0, MassUnit::Gram], 'pat' => [10.0, MassUnit::Gram],
        'handful' => [30.0, MassUnit::Gram], 'splash' => [15.0, VolumeUnit::Millilitre], 'glug' => [20.0, VolumeUnit::Millilitre],
        'drizzle' => [10.0, VolumeUnit::Millilitre], 'squeeze' => [5.0, VolumeUnit::Millilitre], 'dash' => [1.0, VolumeUnit::Millilitre],
        'pinch' => [0.4, MassUnit::Gram], 'slice' => [15.0, MassUnit::Gram], 'grating' => [0.3, MassUnit::Gram],
    ];

    /** What a packet of a known size is called. */
    private const PACKET = '(?:tins?|cans?|cartons?|tubs?|jars?|bottles?|packs?|packets?|boxe?s?|blocks?|containers?|pots?)';

    /** Bytes: a longer line is no line of ingredients, and not worth taking apart. */
    private const LONGEST = 400;

    /** Amounts of one line that are added up. */
    private const MOST_PARTS = 4;

    private const RANGE = '\s*(?:-|–|—|to|or)\s*';

    private const AND = '\s*(?:\+|&|plus|and)\s+';

    /**
     * @param non-empty-list<array{float, MassUnit|VolumeUnit|'stick'|null}> $parts added up; null is counted by the piece
     * @param string $phrase what it is of
     * @param bool $guessed whether a hand, and no scale or jug, has measured it
     * @param bool $saysHowFull whether its spoon or cup is said to be level, or heaped
     */
    private function __construct(
        public array $parts,
        public string $phrase,
        public bool $guessed,
        public bool $saysHowFull = false,
    ) {}

    public static function of(float $number, MassUnit|VolumeUnit $unit, string $phrase): self
    {
        return new self([[$number, $unit]], $phrase, false);
    }

    /** Null where the line does not begin with an amount. */
    public static function read(string $line, MeasureSystem $measures): ?self
    {
        $names = new UnitNames($measures);
        if (strlen($line) > self::LONGEST) {
            return null;
        }
        try {
            return self::byHand($line) ?? self::packets($line, $names) ?? self::counted($line, $names);
        } catch (LentoException) {
            return null;
        }
    }

    /** @param bool $said whether the cook has said how full the spoons are */
    public function measuring(bool $said = false): Measuring
    {
        $with = Measured::by($this->parts[0][1], $this->guessed);

        return Measuring::with($with, $this->saysHowFull || $said && $with === Measured::Spoon);
    }

    public function isNothing(): bool
    {
        return array_sum(array_column($this->parts, 0)) <= 0.0;
    }

    private static function byHand(string $line): ?self
    {
        $kinds = implode('|', array_keys(self::BY_HAND));
        $pattern = '/\A(?:(' . KitchenNumber::PATTERN . '|a|an|one|two|three|few)\s+)?(?:good\s+|small\s+|large\s+|big\s+|generous\s+)*'
            . '(' . $kinds . ')(?:e?s)?\s+of\s+(.+)\z/iu';
        if (preg_match($pattern, $line, $parts) !== 1) {
            return null;
        }
        $count = mb_strtolower($parts[1]);
        [$each, $unit] = self::BY_HAND[mb_strtolower($parts[2])];
        $number = $count === '' || $count === 'few' ? 1.0 : self::WORDS[$count] ?? KitchenNumber::parse($count)->value;

        return new self([[$number * $each, $unit]], $parts[3], true);
    }

    /** "2 x 400 ml tins of", "1 (14-ounce) can", "a 14 oz tin of" */
    private static function packets(string $line, UnitNames $names): ?self
    {
        $number = KitchenNumber::PATTERN;
        $size = '(' . $number . ')[\s-]*([a-z][a-z.]*(?:\s(?:oz|ounces?))?)';
        $forms = [
            '/\A(' . $number . ')\s*[x×]\s*' . $size . '\.?\s*(?:' . self::PACKET . '\s+)?(?:of\s+)?(.+)\z/iu',
            '/\A(' . $number . '|a|an|one|two|three|four)\s*\(?\s*' . $size . '\.?\s*\)?[\s-]*' . self::PACKET . '\s+(?:of\s+)?(.+)\z/iu',
        ];
        foreach ($forms as $form) {
            if (preg_match($form, $line, $parts) === 1) {
                $unit = $names->find($parts[3]);
                $count = self::WORDS[mb_strtolower($parts[1])] ?? KitchenNumber::parse($parts[1])->value;

                return $unit === null ? null : new self([[$count * KitchenNumber::parse($parts[2])->value, $unit]], $parts[4], false);
            }
        }

        return null;
    }

    private static function counted(string $line, UnitNames $names): ?self
    {
        $first = self::one($line, $names);
        if ($first === null) {
            return null;
        }
        [$number, $unit, $rest] = $first;
        $parts = [[$number, $unit]];
        while ($unit !== null && count($parts) < self::MOST_PARTS && preg_match('/\A' . self::AND . '(.+)\z/iu', $rest, $more) === 1) {
            $next = self::one($more[1], $names);
            if ($next === null || $next[1] === null) {
                break;
            }
            [$parts[], $rest] = [[$next[0], $next[1]], $next[2]];
        }

        return new self($parts, $rest, false, $first[3]);
    }

    /** @return array{float, MassUnit|VolumeUnit|'stick'|null, string, bool}|null a number or the middle of a range, its unit, the rest, and
     * whether it says how full */
    private static function one(string $text, UnitNames $names): ?array
    {
        $number = KitchenNumber::PATTERN;
        if (preg_match('/\A(' . $number . ')(?:' . self::RANGE . '(' . $number . '))?\s*(.*)\z/ius', $text, $parts) === 1) {
            $low = KitchenNumber::parse($parts[1])->value;
            $value = $parts[2] === '' ? $low : 0.5 * ($low + KitchenNumber::parse($parts[2])->value);
            [$full, $measured] = Fullness::at($parts[3]);
            [$unit, $rest] = self::unit($measured, $names);

            return $unit === null
                ? [$value, null, $parts[3], false]
                : [$value * ($full?->times() ?? 1.0), $unit, $rest, $full !== null];
        }
        foreach (self::WORDS as $word => $value) {
            if (preg_match('/\A' . $word . '\s+(.+)\z/ius', $text, $parts) === 1) {
                [$full, $measured] = Fullness::at($parts[1]);
                [$unit, $rest] = self::unit($measured, $names);
                // "a pint and a half of"
                $half = $unit !== null && preg_match('/\Aand a half\s+(.+)\z/ius', $rest, $more) === 1;

                return [
                    $unit === null ? $value : ($full?->times() ?? 1.0) * ($value + ($half ? 0.5 : 0.0)),
                    $unit,
                    (string) preg_replace('/\Aof\s+/iu', '', match (true) {
                        $unit === null => $parts[1],
                        $half => $more[1],
                        default => $rest,
                    }),
                    $unit !== null && $full !== null,
                ];
            }
        }

        return null;
    }

    /** @return array{MassUnit|VolumeUnit|'stick'|null, string} the longest unit the text begins with, and the rest */
    private static function unit(string $text, UnitNames $names): array
    {
        $words = array_values(array_filter(explode(' ', strtr($text, "\t", ' ')), static fn(string $word): bool => $word !== ''));
        // A level spoon is a spoon; a heaped one holds half as much again, and is told by its word further on.
        for ($length = min(3, count($words)); $length > 0; $length--) {
            $head = implode(' ', array_slice($words, 0, $length));
            $unit = in_array(mb_strtolower($head), ['stick', 'sticks'], true) ? self::STICK : $names->find($head);
            if ($unit !== null) {
                return [$unit, implode(' ', array_slice($words, $length))];
            }
        }

        return [null, $text];
    }
}
