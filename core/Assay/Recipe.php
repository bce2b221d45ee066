<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\VolumeUnit;

/** A recipe as far as it was understood. What a recipe leaves unsaid is null. */
final readonly class Recipe
{
    /** Share of all that goes in from which a line counts. */
    private const LARGE = 0.05;

    public RouxAsWritten $roux;

    public ?Duration $simmer;

    public ?SimmerLevel $level;

    public ?Pan $pan;

    public ?ReduceTo $reduce;

    public ?bool $strain;

    /**
     * @param list<ReadLine> $lines
     * @param list<string> $unread lines left out, as written
     * @param array<int, string> $unreadAt the same by the number of their line
     */
    public function __construct(
        public array $lines,
        public array $unread,
        Instructions $says,
        public array $unreadAt = [],
        public ?SaidOutcome $said = null,
    ) {
        $this->roux = $says->roux;
        $this->simmer = $says->simmer;
        $this->level = $says->level;
        $this->pan = $says->pan;
        $this->reduce = $says->reduce;
        $this->strain = $says->strain;
    }

    /** Nothing read of it yet. */
    public static function unread(): self
    {
        return new self([], [], new Instructions(RouxAsWritten::unsaid(), null, null, null));
    }

    /** The first line that was not read and is too much of the recipe to judge it without; null where none is. */
    public function asksFirst(MeasureSystem $measures): ?string
    {
        $all = array_sum(array_map(static fn(ReadLine $line): float => $line->mass->inGrams(), $this->lines));
        foreach ($this->unreadAt as $text) {
            $grams = 0.0;
            foreach (WrittenAmount::read($text, $measures)->parts ?? [] as [$number, $unit]) {
                $grams += match (true) {
                    $unit instanceof MassUnit => $unit->of($number)->inGrams(),
                    // Whatever it is, it weighs about as much as water.
                    $unit instanceof VolumeUnit => $unit->of($number)->inMillilitres(),
                    default => 0.0,
                };
            }
            if ($grams >= self::LARGE * ($all + $grams)) {
                return $text;
            }
        }

        return null;
    }
}
