<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;

/** How a kitchen makes a base unless a cook says otherwise: liquid, roux, thickness, simmer, salt, and what else is in the pot. */
final readonly class Formula
{
    /** Stocks whose taste a longer simmer spoils, and their min. */
    private const BRIEF_STOCKS = ['fish-stock', 'shellfish-stock'];

    private const BRIEF_MINUTES = 20.0;

    /** % of the sauce's mass: more is brine. */
    public const MOST_SALT_PERCENT = 3.0;

    /**
     * @internal kitchens start from the house's and change it by with()
     *
     * @param non-empty-list<string> $liquids it can be made with, the usual one first
     * @param array<string, float> $beside larder ids of what goes in beside that liquid, as shares of all the liquid's volume
     * @param float $salt at the end as a share of the mass; 0 where it will be reduced on
     * @param list<Part> $parts in the order of the work
     * @param float|null $reduceBy share of the pot's volume to boil off; null where the simmer goes by the clock
     */
    public function __construct(
        public Base $base,
        public array $liquids,
        public array $beside,
        public Colour $colour,
        public string $fat,
        public EquivalentFlour $thickness,
        private Duration $simmer,
        public SimmerLevel $level,
        public float $salt,
        public array $parts,
        public Method $method,
        public ?float $reduceBy = null,
    ) {}

    public static function house(Base $base): self
    {
        return HouseFormulas::of($base);
    }

    public function simmerTime(string $liquid): Duration
    {
        return in_array($liquid, self::BRIEF_STOCKS, true) && $this->simmer->inMinutes() > self::BRIEF_MINUTES
            ? Duration::ofMinutes(self::BRIEF_MINUTES)
            : $this->simmer;
    }

    /** @return float share of the liquid's volume that is the liquid it is named by */
    public function share(): float
    {
        return 1.0 - array_sum($this->beside);
    }

    /**
     * The kitchen's own: what it does otherwise, all else as in this one.
     *
     * @param float|null $salt share of the mass, 0 to 0.03
     * @param array<string, float> $perLitre by ingredient, in the part's own measure
     *
     * @throws OutOfRange if the salt or an amount is out of all reason
     * @throws Unknown if the formula has no such part
     */
    public function with(
        ?Colour $colour = null,
        ?string $fat = null,
        ?EquivalentFlour $thickness = null,
        ?Duration $simmer = null,
        ?SimmerLevel $level = null,
        ?float $salt = null,
        array $perLitre = [],
        ?Method $method = null,
    ): self {
        if ($salt !== null && (!is_finite($salt) || $salt < 0.0 || 100.0 * $salt > self::MOST_SALT_PERCENT + 1e-9)) {
            throw OutOfRange::between('salt', is_finite($salt) ? 100.0 * $salt : 0.0, 0.0, self::MOST_SALT_PERCENT, '%');
        }

        return new self(
            $this->base,
            $this->liquids,
            $this->beside,
            $colour ?? $this->colour,
            $fat ?? $this->fat,
            $thickness ?? $this->thickness,
            $simmer ?? $this->simmer,
            $level ?? $this->level,
            $salt ?? $this->salt,
            $this->changed($perLitre),
            $method ?? $this->method,
            $this->reduceBy,
        );
    }

    /**
     * @param array<string, float> $perLitre
     *
     * @return list<Part>
     */
    private function changed(array $perLitre): array
    {
        $known = array_map(static fn(Part $part): string => $part->ingredient, $this->parts);
        foreach (array_diff(array_keys($perLitre), $known) as $name) {
            throw Unknown::name('part-of-the-formula', $name);
        }

        return array_map(
            static fn(Part $part): Part => isset($perLitre[$part->ingredient]) ? $part->of($perLitre[$part->ingredient]) : $part,
            $this->parts,
        );
    }
}
