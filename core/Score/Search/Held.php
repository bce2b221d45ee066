<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** A stay, by the places of its tasks, rings and store in their lists. */
final readonly class Held
{
    /**
     * @param array<int, int> $from tasks of which the first begins it
     * @param array<int, int> $to tasks of which the last ends it
     * @param array<int, int> $lead minutes from the start of a task in `from` to where it begins, by task
     * @param array<int, int> $tail minutes from the start of a task in `to` to where it ends, by task
     * @param array<int, int> $rings that take it, narrowest and weakest first, so that the large ones stay free
     */
    public function __construct(
        public array $from,
        public array $to,
        public array $lead,
        public array $tail,
        public array $rings,
        public Spot $spot,
    ) {}

    /**
     * The same with the clock running backwards.
     *
     * @param array<int, int> $minutes of each task
     */
    public function mirror(array $minutes, int $length): self
    {
        return new self(
            $this->to,
            $this->from,
            self::turned($this->tail, $minutes),
            self::turned($this->lead, $minutes),
            $this->rings,
            $this->spot->serve === null ? $this->spot : $this->spot->servedAt($length - $this->spot->serve),
        );
    }

    /**
     * @param array<int, int> $offsets from the starts of tasks
     * @param array<int, int> $minutes of each task
     *
     * @return array<int, int> from their ends, backwards
     */
    private static function turned(array $offsets, array $minutes): array
    {
        $turned = [];
        foreach ($offsets as $task => $offset) {
            $turned[$task] = $minutes[$task] - $offset;
        }

        return $turned;
    }
}
