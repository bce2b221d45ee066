<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Roux\Colour;

/** A recipe as far as it was understood. What a recipe leaves unsaid is null. */
final readonly class Recipe
{
    public ?Colour $colour;

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
    ) {
        $this->colour = $says->colour;
        $this->simmer = $says->simmer;
        $this->level = $says->level;
        $this->pan = $says->pan;
        $this->reduce = $says->reduce;
        $this->strain = $says->strain;
    }
}
