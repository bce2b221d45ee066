<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/**
 * What a finished pot teaches of its kitchen: its steam in this pan at this level, its browning on this ring and heat, its flour, and how
 * long its hands took.
 */
final readonly class Lesson
{
    public Length $pan;

    public SimmerLevel $level;

    public HobHeat $heat;

    public string $ring;

    /** @param array<string, Observation> $hands minutes of hands over the house’s, by kind of step */
    public function __construct(
        Circumstances $in,
        public ?Observation $evaporation,
        public ?Observation $browning,
        public ?Observation $flour,
        public array $hands = [],
    ) {
        $this->pan = $in->pan;
        $this->level = $in->level;
        $this->heat = $in->heat;
        $this->ring = $in->ring;
    }

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
            new Circumstances($pan, $level, $heat, $ring),
            Observation::between($before->evaporation, $after->evaporation),
            Observation::between($before->browning, $after->browning),
            Observation::between($before->flourStrength, $after->flourStrength),
        );
    }

    /** @param array<string, Observation> $hands by kind of step */
    public function timing(array $hands): self
    {
        $in = new Circumstances($this->pan, $this->level, $this->heat, $this->ring);

        return new self($in, $this->evaporation, $this->browning, $this->flour, $hands);
    }

    public function teaches(): bool
    {
        return $this->hands !== [] || $this->evaporation !== null || $this->browning !== null || $this->flour !== null;
    }
}
