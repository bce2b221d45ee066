<?php

declare(strict_types=1);

namespace Lento\Practice;

/** A pot with what was done to it: the deeds, step by step, and where they have brought it. */
final readonly class Played
{
    /**
     * @param list<Deed> $deeds
     * @param list<Standing> $begins as each step that was stood at began, the present one last
     * @param list<int> $of place of the step in $begins that a deed belongs to, deed by deed
     */
    private function __construct(public Standing $standing, public array $deeds, public array $begins, public array $of) {}

    public static function from(Standing $standing): self
    {
        return new self($standing, [], [$standing], []);
    }

    public function plus(Deed $deed, Standing $then): self
    {
        $further = $then->step !== $this->standing->step;

        return new self(
            $then,
            [...$this->deeds, $deed],
            $further ? [...$this->begins, $then] : $this->begins,
            [...$this->of, count($this->begins) - 1],
        );
    }

    /** @return int s of the last deed, as far as it lasted: the strides are counted from there */
    public function since(): int
    {
        return $this->standing->second();
    }

    /** @return list<Segment> its deeds by the steps that they were done in */
    public function segments(): array
    {
        $segments = [];
        foreach ($this->begins as $i => $begin) {
            $deeds = [];
            foreach ($this->deeds as $j => $deed) {
                if ($this->of[$j] === $i) {
                    $deeds[] = $deed->later($deed->at - $begin->second());
                }
            }
            $segments[] = new Segment($begin->step, $begin, $deeds);
        }

        return $segments;
    }
}
