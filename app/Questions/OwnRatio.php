<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\TypedNumber;
use Lento\Assay\Fullness;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/**
 * A formula as numbers to one another, or as a rule of thumb: "1 : 1 : 10" is fat, flour and liquid, "1 : 5" roux and liquid, "2 tbsp per
 * cup" spoons of flour. Where cooks mean two things by one of them, it knows the other.
 */
final readonly class OwnRatio
{
    /** More in one of them is a slip. */
    private const MOST = 10_000.0;

    private const SPOONS = '/\A(?<count>a|an|one|[\d.,\/ ½¼¾⅓⅔]+)\s*(?<full>level|rounded|heaped)?\s*'
        . '(?<spoon>tbsp|tablespoons?|spoons?|tsp|teaspoons?)\.?(?: of)?(?: flour)?\s+(?:per|to the|to a|for a|for each|a|each|\/)\s+'
        . '(?<measure>cup|pint|quart|l|litre|liter|half litre)s?(?: of [a-z ]+)?\z/iu';

    /** Rules that kitchens say by heart, as entries to choose from. */
    public const ENTRIES = ['1 : 1 : 10', '1 : 10', '1 : 5', '1 tbsp per cup', '2 tbsp per cup', '3 tbsp per cup', '4 tbsp per cup'];

    /**
     * @param list<float> $parts two or three above 0; none for spoons
     * @param float $spoons of flour, each of so much, in so much liquid
     */
    private function __construct(
        public array $parts,
        public float $spoons = 0.0,
        public ?Fullness $full = null,
        private string $spoon = '',
        private string $measure = '',
    ) {}

    /** Null where it is no ratio and no rule. */
    public static function read(string $text): ?self
    {
        return self::numbers($text) ?? self::spoons(trim(mb_scrub($text)));
    }

    public function isOfRoux(): bool
    {
        return count($this->parts) === 2;
    }

    /** @return Volume the flour of a level one, times how full it is */
    public function flour(MeasureSystem $measures): Volume
    {
        $one = (new UnitNames($measures))->unit($this->spoon);
        $millilitres = $one instanceof VolumeUnit ? $one->of($this->spoons)->inMillilitres() : 0.0;

        return Volume::ofMillilitres($millilitres * ($this->full ?? Fullness::Level)->times());
    }

    public function liquid(MeasureSystem $measures): Volume
    {
        $unit = (new UnitNames($measures))->find($this->measure);

        return $this->measure === 'half litre'
            ? Volume::ofLitres(0.5)
            : ($unit instanceof VolumeUnit ? $unit->of(1.0) : Volume::ofLitres(1.0));
    }

    /**
     * What it means to one kitchen and to another.
     *
     * @return array<string, string> by what it is called: the same said so that it can mean nothing else; none where it is not ambiguous
     */
    public function meanings(): array
    {
        return match (true) {
            $this->isOfRoux() => [
                'roux' => self::text($this->parts[0]) . ' : ' . self::text($this->parts[1]),
                'flour' => self::text($this->parts[0]) . ' : ' . self::text($this->parts[0]) . ' : ' . self::text($this->parts[1]),
            ],
            $this->parts === [] => [
                'level' => self::text($this->spoons) . " level {$this->spoon} per {$this->measure}",
                'heaped' => self::text($this->spoons) . " heaped {$this->spoon} per {$this->measure}",
            ],
            default => [],
        };
    }

    /** @return string which of its meanings it is taken for; '' where it has but one */
    public function takenFor(): string
    {
        return match (true) {
            $this->isOfRoux() => 'roux',
            $this->parts !== [] => '',
            $this->full === Fullness::Heaped => 'heaped',
            $this->full === Fullness::Rounded => 'rounded',
            default => 'level',
        };
    }

    private static function numbers(string $text): ?self
    {
        $written = preg_split('/\s*[:∶]\s*|\s+to\s+/u', trim(mb_scrub($text)));
        $numbers = array_map(
            static fn(string $one): ?float => TypedNumber::number(trim($one)),
            $written === false ? [] : $written,
        );
        $parts = array_values(
            array_filter($numbers, static fn(?float $number): bool => $number !== null && $number > 0.0 && $number <= self::MOST),
        );

        return count($parts) === count($numbers) && in_array(count($parts), [2, 3], true) ? new self($parts) : null;
    }

    private static function spoons(string $text): ?self
    {
        if (preg_match(self::SPOONS, $text, $said) !== 1) {
            return null;
        }
        $count = in_array(mb_strtolower($said['count']), ['a', 'an', 'one'], true) ? 1.0 : TypedNumber::number(trim($said['count']));
        $spoon = mb_strtolower($said['spoon']);

        return $count === null || $count <= 0.0 || $count > self::MOST ? null : new self(
            [],
            $count,
            Fullness::tryFrom(mb_strtolower($said['full'])),
            str_starts_with($spoon, 'te') || $spoon === 'tsp' ? 'tsp' : 'tbsp',
            mb_strtolower($said['measure']),
        );
    }

    private static function text(float $number): string
    {
        return TypedNumber::plain($number);
    }
}
