<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;

/** One round's answer of the Composer: amounts in grams, and the sauce they make before and after the simmer. */
final readonly class Draft
{
    /** g flour per litre that the first guess starts from; any number leads to the same end. */
    private const FIRST_FLOUR_PER_LITRE = 60.0;

    public function __construct(
        public float $flourGrams,
        public float $liquidGrams,
        public float $saltGrams,
        public float $evaporatedGrams,
        public CookedRoux $roux,
        public Sauce $start,
        public Sauce $end,
    ) {}

    /** A simmer that takes the free surface's steam and swells all the starch. */
    public static function guess(MassBalance $balance): self
    {
        $question = $balance->question;
        $roux = CookedRoux::byColourAlone($question->colour->shade());
        $flour = self::FIRST_FLOUR_PER_LITRE * $question->yield->inLitres();
        $sauce = $balance->start($flour, $question->yield->inMillilitres(), $roux);
        $steam = $question->simmerLevel->flux() * $question->pan->areaSquareCentimetres() * $question->simmerTime->inMinutes();
        $swollen = $sauce->starch->cooked(1.0, 1.0, $question->simmerTime->inMinutes(), 0.0);

        return new self(0.0, 0.0, 0.0, $steam, $roux, $sauce, $sauce->cooked($sauce->waterGrams, $sauce->alcoholGrams, 0.0, $swollen));
    }

    /** The starch as the last simmer left it, for the next round to foresee. */
    public function cookedStarch(Starch $starch): Starch
    {
        $end = $this->end->starch;

        return $starch->cooked($end->gelatinised, $end->acidLeft, $end->simmeredMinutes, $end->rawTaste);
    }

    public function gramsPerMillilitre(): float
    {
        return $this->end->grams() / $this->end->millilitres();
    }

    public function isCloseTo(self $other, float $within): bool
    {
        return abs($this->flourGrams - $other->flourGrams) <= $within * $this->flourGrams
            && abs($this->liquidGrams - $other->liquidGrams) <= $within * $this->liquidGrams;
    }
}
