<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\Missing;
use Lento\Procedure\ActKind;
use Lento\Procedure\Vessel;

/**
 * One thing to do at the stove, with its own amounts, minutes, limits and what it does to the sauce.
 *
 * Its words follow from its kind and variant; they are the interface's to say.
 */
final readonly class Step
{
    /**
     * @param string $id the same for as long as the plan is kept: what an event names
     * @param string $variant which of the words of its kind are meant; '' for the plain ones
     * @param list<Amount> $amounts what it uses, the additions included
     * @param list<Addition> $additions what is ticked off in it one by one
     * @param Said|null $said null but for a derivative of an older Lento
     * @param ActKind|null $act of the procedure that it is, or is a part of; null for what no procedure names: the test, the pass
     */
    private function __construct(
        public string $id,
        public StepKind $kind,
        public string $variant,
        public Pace $pace,
        public Conditions $conditions,
        public Ends $ends,
        public Effect $effect,
        public array $amounts,
        public array $additions,
        public ?Said $said = null,
        public ?ActKind $act = null,
    ) {}

    public static function of(StepKind $kind, Pace $pace, string $variant = ''): self
    {
        return new self($kind->value, $kind, $variant, $pace, Conditions::in(Vessel::Pan), Ends::byItself(), Effect::none(), [], []);
    }

    /** @throws Missing if the id is empty */
    public function known(string $id): self
    {
        return $this->but(id: $id === '' ? throw Missing::from('step', 'id') : $id);
    }

    /** As an act of a procedure, or a part of one. */
    public function doing(ActKind $act): self
    {
        return $this->but(act: $act);
    }

    public function in(Conditions $conditions): self
    {
        return $this->but(conditions: $conditions);
    }

    public function until(Ends $ends): self
    {
        return $this->but(ends: $ends);
    }

    public function changing(Effect $effect): self
    {
        return $this->but(effect: $effect);
    }

    /** At another pace, as it was promised once. */
    public function at(Pace $pace): self
    {
        return $this->but(pace: $pace);
    }

    /** In the words that it was promised in before steps could be said anew. */
    public function saying(Said $said): self
    {
        return $this->but(said: $said);
    }

    /** @param list<Amount> $amounts */
    public function using(array $amounts): self
    {
        return $this->but(amounts: $amounts);
    }

    /** @param list<Addition> $additions */
    public function ticking(array $additions): self
    {
        return $this->but(additions: $additions);
    }

    public function addition(string $id): ?Addition
    {
        foreach ($this->additions as $addition) {
            if ($addition->id === $id) {
                return $addition;
            }
        }

        return null;
    }

    /**
     * Each with an id of its own: its kind, and from the second of a kind on its number.
     *
     * @param non-empty-list<self> $steps
     *
     * @return non-empty-list<self>
     */
    public static function numbered(array $steps): array
    {
        $seen = [];

        return array_map(static function (self $step) use (&$seen): self {
            $seen[$step->kind->value] = $number = ($seen[$step->kind->value] ?? 0) + 1;

            return $number === 1 ? $step->known($step->kind->value) : $step->known($step->kind->value . '-' . $number);
        }, $steps);
    }

    /**
     * The same but for what is named.
     *
     * @param list<Amount>|null $amounts
     * @param list<Addition>|null $additions
     */
    private function but(
        ?string $id = null,
        ?Pace $pace = null,
        ?Conditions $conditions = null,
        ?Ends $ends = null,
        ?Effect $effect = null,
        ?array $amounts = null,
        ?array $additions = null,
        ?Said $said = null,
        ?ActKind $act = null,
    ): self {
        return new self(
            $id ?? $this->id,
            $this->kind,
            $this->variant,
            $pace ?? $this->pace,
            $conditions ?? $this->conditions,
            $ends ?? $this->ends,
            $effect ?? $this->effect,
            $amounts ?? $this->amounts,
            $additions ?? $this->additions,
            $said ?? $this->said,
            $act ?? $this->act,
        );
    }
}
