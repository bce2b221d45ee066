<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Dose;
use Lento\Procedure\Extra;
use Lento\Procedure\Procedure;
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
     * @param non-empty-list<string> $liquids it can be made with, the usual one first
     * @param array<string, float> $beside larder ids of what goes in beside that liquid, as shares of all the liquid's volume
     * @param float $salt at the end as a share of the mass; 0 where it will be reduced on
     * @param float|null $reduceBy share of the pot's volume to boil off; null where the simmer goes by the clock. With it, the time is the
     * least it may take
     */
    private function __construct(
        public Base $base,
        public array $liquids,
        public array $beside,
        public Colour $colour,
        public string $fat,
        public EquivalentFlour $thickness,
        private Duration $simmer,
        public SimmerLevel $level,
        public float $salt,
        public Procedure $procedure,
        public Method $method,
        public ?float $reduceBy,
    ) {}

    /**
     * @internal kitchens start from the house's and change it
     *
     * @param non-empty-list<string> $liquids it can be made with, the usual one first
     * @param array<string, float> $beside larder ids of what goes in beside that liquid, as shares of all the liquid's volume
     */
    public static function of(
        Base $base,
        array $liquids,
        EquivalentFlour $thickness,
        array $beside,
        Procedure $procedure,
        Method $method,
    ): self {
        return new self(
            $base,
            $liquids,
            $beside,
            Colour::White,
            'butter',
            $thickness,
            Duration::ofMinutes(Question::LEAST_MINUTES),
            SimmerLevel::Bare,
            0.0,
            $procedure,
            $method,
            null,
        );
    }

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

    /** @return list<Dose> what is in the pot besides roux, liquid and salt, in the order of the work */
    public function parts(): array
    {
        return $this->procedure->doses();
    }

    /** The same with its acts in another order, or others. */
    public function worked(Procedure $procedure): self
    {
        return $this->but(procedure: $procedure);
    }

    /** The same of another roux; null leaves it as it is, here and below. */
    public function ofRoux(?Colour $colour, ?string $fat = null): self
    {
        return $this->but(colour: $colour, fat: $fat);
    }

    /** @throws OutOfRange if no roux can make it so thin or so thick */
    public function thick(?EquivalentFlour $thickness): self
    {
        $grams = $thickness->gramsPerLitre ?? Question::LEAST_THICKNESS;
        OutOfRange::refuse('thickness', $grams, Question::LEAST_THICKNESS, Question::MOST_THICKNESS, 'g flour per litre');

        return $this->but(thickness: $thickness);
    }

    /** @throws OutOfRange if it takes less than 5 min, or more than eight hours */
    public function simmering(?Duration $time, ?SimmerLevel $level = null, ?float $reduceBy = null): self
    {
        // What can be wished for can be a formula.
        new SimmerWish($time, $level, $reduceBy);

        return $this->but(simmer: $time, level: $level, reduceBy: $reduceBy);
    }

    /**
     * @param float|null $salt share of the mass, 0 to 0.03
     *
     * @throws OutOfRange
     */
    public function salted(?float $salt): self
    {
        OutOfRange::refuse('salt', 100.0 * ($salt ?? 0.0), 0.0, self::MOST_SALT_PERCENT, '%');

        return $this->but(salt: $salt);
    }

    /**
     * With other amounts of what is in the pot.
     *
     * @param array<string, float> $perLitre by ingredient, in the part's own measure
     *
     * @throws OutOfRange if an amount is out of all reason
     * @throws Unknown if the formula has no such part
     */
    public function having(array $perLitre): self
    {
        return $this->but(procedure: $this->procedure->having($perLitre, 'part-of-the-formula'));
    }

    /** With more in the pot, each at its place of the work. */
    public function with(Extra ...$extras): self
    {
        $procedure = $this->procedure;
        // Each is put right behind an act: the last of them first, so that they stand in the cook's order.
        $behind = array_filter($extras, static fn(Extra $extra): bool => $extra->where->standsBehindAnAct());
        foreach ([...array_diff_key($extras, $behind), ...array_reverse($behind)] as $extra) {
            $procedure = $extra->into($procedure, Dose::ITS_FAT);
        }

        return $this->but(procedure: $procedure);
    }

    private function but(
        ?Colour $colour = null,
        ?string $fat = null,
        ?EquivalentFlour $thickness = null,
        ?Duration $simmer = null,
        ?SimmerLevel $level = null,
        ?float $salt = null,
        ?Procedure $procedure = null,
        ?float $reduceBy = null,
    ): self {
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
            $procedure ?? $this->procedure,
            $this->method,
            $reduceBy ?? $this->reduceBy,
        );
    }
}
