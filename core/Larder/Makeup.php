<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;

/** What an ingredient is made of, by mass: water, fat and solids, and which of the solids a sauce notices. */
final readonly class Makeup
{
    private function __construct(
        public float $water,
        public float $fat,
        public float $solids,
        public float $milkSolids = 0.0,
        public float $gelatin = 0.0,
        public float $salt = 0.0,
        public float $alcohol = 0.0,
        public float $thickening = 0.0,
        public float $yolk = 0.0,
    ) {}

    /**
     * @param float $solids all that is neither water, fat nor alcohol
     *
     * @throws OutOfRange if one is no fraction
     */
    public static function of(float $water, float $fat, float $solids): self
    {
        Parts::refuse(['water' => $water, 'fat' => $fat, 'solids' => $solids]);

        return new self($water, $fat, $solids);
    }

    /**
     * With what only some have; milk solids, gelatin and salt are parts of the solids.
     *
     * @param float $thickening g of flour that would thicken as much, per g
     * @param float $yolk share of egg yolk
     *
     * @throws OutOfRange if one is no fraction
     */
    public function with(
        float $milkSolids = 0.0,
        float $gelatin = 0.0,
        float $salt = 0.0,
        float $alcohol = 0.0,
        float $thickening = 0.0,
        float $yolk = 0.0,
    ): self {
        Parts::refuse(
            ['milk solids' => $milkSolids, 'gelatin' => $gelatin, 'salt' => $salt, 'alcohol' => $alcohol, 'yolk' => $yolk],
        );
        if ($thickening !== 0.0) {
            OutOfRange::refuse('thickening-power', $thickening, 0.0, Strength::MOST_POWER, '');
        }

        return new self($this->water, $this->fat, $this->solids, $milkSolids, $gelatin, $salt, $alcohol, $thickening, $yolk);
    }
}
