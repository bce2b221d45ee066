<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/** What a finished pot teaches of its kitchen: its steam in this pan at this level, its browning on this ring and heat, its flour. */
final readonly class Lesson
{
    /** @param string $ring what the kitchen knows the hob's ring by; empty where it tells them not apart */
    public function __construct(
        public Length $pan,
        public SimmerLevel $level,
        public HobHeat $heat,
        public ?Observation $evaporation,
        public ?Observation $browning,
        public ?Observation $flour,
        public string $ring = '',
    ) {}

    /** What lies between a kitchen as it was known and as a pot has shown it. */
    public static function between(
        KitchenFactors $before,
        KitchenFactors $after,
        Length $pan,
        SimmerLevel $level,
        HobHeat $heat,
        string $ring = '',
    ): self {
        return new self(
            $pan,
            $level,
            $heat,
            Observation::between($before->evaporation, $after->evaporation),
            Observation::between($before->browning, $after->browning),
            Observation::between($before->flourStrength, $after->flourStrength),
            $ring,
        );
    }

    public function teaches(): bool
    {
        return $this->evaporation !== null || $this->browning !== null || $this->flour !== null;
    }
}
