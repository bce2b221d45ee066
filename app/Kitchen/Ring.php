<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Heat\HobHeat;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Quantity\Power;

/** One ring of the kitchen's stove, by its plate and its knob. */
final readonly class Ring
{
    /** @param int|null $widestMillimetres pan that it takes; null where nobody has told */
    public function __construct(
        public int $id,
        public string $name,
        public HobKind $kind,
        public int $watts,
        public int $levels,
        public ?int $widestMillimetres = null,
    ) {}

    public function rated(): Hob
    {
        return Hob::of($this->kind, Power::ofWatts((float) $this->watts));
    }

    /** What to set the knob to for a heat: the five heats spread over its levels. */
    public function setting(HobHeat $heat): int
    {
        $heats = HobHeat::cases();
        $place = (int) array_search($heat, $heats, true) + 1;

        return max(1, (int) round($this->levels * $place / count($heats)));
    }
}
