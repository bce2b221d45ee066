<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Forecast\Band;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** What a pot should come to: how much, how thick and how sure that is, what the spoon shows, how salty. */
final readonly class Promise
{
    /**
     * @param EquivalentFlour|null $thickness null where only the spoon's word is known, as of an old paper log
     * @param Band|null $band g flour per litre
     * @param list<ThicknessClass> $couldBe besides the likely one
     * @param float|null $saltPercent of the mass
     */
    private function __construct(
        public Volume $volume,
        public ?SpoonWord $spoon,
        public ?EquivalentFlour $thickness,
        public ?Band $band,
        public array $couldBe,
        public ?Length $film,
        public ?float $saltPercent,
    ) {}

    /** Of an old log: litres, and perhaps the spoon's word. */
    public static function noted(Volume $volume, ?SpoonWord $spoon): self
    {
        return new self($volume, $spoon, null, null, [], null, null);
    }

    /**
     * @param Band $band g flour per litre
     * @param list<ThicknessClass> $couldBe
     */
    public static function of(
        Volume $volume,
        Shown $shown,
        EquivalentFlour $thickness,
        Band $band,
        array $couldBe,
        float $saltPercent,
    ): self {
        return new self($volume, $shown->spoon, $thickness, $band, $couldBe, $shown->film, $saltPercent);
    }

    public function thicknessClass(): ?ThicknessClass
    {
        return $this->thickness?->thicknessClass();
    }
}
