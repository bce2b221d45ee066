<?php

declare(strict_types=1);

namespace App\People;

/** What somebody is in a kitchen. Each may what those after it may. */
enum Role: string
{
    case Owner = 'owner';
    case Chef = 'chef';
    case Cook = 'cook';
    case Reader = 'reader';

    public function may(Place $place): bool
    {
        return $this->rank() <= $place->least()->rank();
    }

    /** The lower of the two: a tablet lends its cook no more than it was trusted with. */
    public function atMost(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
