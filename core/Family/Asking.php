<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Question;
use Lento\Heat\HobHeat;
use Lento\Learning\Notebook;
use Lento\Pot\Hob;
use Lento\Pot\Pan;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;

/** How a kitchen asks for its bases: each in its usual way, over the ring that it stands on, by what the kitchen has learnt. */
final readonly class Asking
{
    /** @param array<string, Question> $usual by base */
    private function __construct(
        private array $usual,
        private HobHeat $heat,
        private ?Hob $hob,
        private ?Notebook $notebook,
        private string $ring,
    ) {}

    /**
     * @param list<Question> $usual how each base is asked for when nothing else is said, in whatever amount and pan
     * @param HobHeat $heat under the roux, or as much of it as the ring gives
     * @param Notebook|null $notebook null where the kitchen does not learn
     * @param string $ring what the ring is called in the notebook
     */
    public static function of(
        array $usual,
        HobHeat $heat = HobHeat::Medium,
        ?Hob $hob = null,
        ?Notebook $notebook = null,
        string $ring = '',
    ): self {
        $bases = array_map(static fn(Question $question): string => $question->base->value, $usual);

        return new self(array_combine($bases, $usual), $heat, $hob, $notebook, $ring);
    }

    /** Null where the kitchen has no usual way of that base. */
    public function question(Base $base, string $liquid, Volume $yield, EquivalentFlour $thickness, Pan $pan): ?Question
    {
        $question = ($this->usual[$base->value] ?? null)?->askedFor(
            $yield,
            $liquid,
            $thickness,
            $pan,
            $this->hob?->reaches($this->heat, $pan) ?? $this->heat,
        );

        return $this->notebook === null
            ? $question
            : $question?->inKitchen(
                $this->notebook->factors($question->pan->diameter, $question->simmerLevel, $question->heat, $this->ring),
            );
    }
}
