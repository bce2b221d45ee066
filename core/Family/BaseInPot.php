<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Compose\HouseFormulas;
use Lento\Compose\Sheet;
use Lento\Exception\LentoException;
use Lento\Larder\Allergen;
use Lento\Larder\Ingredient;
use Lento\Pot\Straining;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Reduction;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** A base as it is believed to come out while a service is worked out: composed, or for the first round only guessed. */
final readonly class BaseInPot
{
    /**
     * @param float $ofParent litres of the base it is made from in a litre of it
     * @param Sheet|null $sheet null while it is guessed
     */
    private function __construct(public Stem $stem, public EquivalentFlour $thickness, public float $ofParent, public ?Sheet $sheet) {}

    public static function composed(Sheet $sheet): self
    {
        $question = $sheet->question;
        // The cut vegetables that stay in count as the water of their room: nothing is ever solved for them.
        $water = Sauce::nothing()->with($question->larder->ingredient('water'), Mass::ofGrams(1.0));
        $pieces = $water->times($sheet->pieces->inMillilitres() / $water->millilitres());
        $stem = new Stem(
            $sheet->served,
            $pieces,
            $question->larder->ingredient($question->liquid),
            new Carries($sheet->allergens(), $sheet->readLabel()),
            self::saltOf($question->base, $question->formula),
        );

        return new self(
            $stem,
            $question->thickness,
            ($sheet->liquid->inLitres() * ($question->formula->beside[Base::Espagnole->value] ?? 0.0)) / $question->yield->inLitres(),
            $sheet,
        );
    }

    /**
     * A demi-glace on paper: its espagnole and its stock with the water gone that makes it thick enough, whatever time that takes.
     *
     * @throws LentoException if no boiling makes it that thick
     */
    public static function guessed(self $espagnole, Ingredient $stock, Formula $formula, EquivalentFlour $thickness): self
    {
        $share = $formula->beside[Base::Espagnole->value] ?? 0.0;
        $mixed = $espagnole->stem
            ->taken(Volume::ofLitres($share))
            ->sauce->with($stock, $stock->density->massOf(Volume::ofLitres(1.0 - $share)));
        $sauce = Reduction::leftWhen($thickness, $mixed)->times(1.0 - Straining::CLING);

        return new self(
            new Stem(
                $sauce,
                Sauce::nothing(),
                $stock,
                new Carries(
                    Allergen::among($espagnole->stem->carries->allergens, $stock->allergens),
                    [...$espagnole->stem->carries->readLabel, ...$stock->readLabel],
                ),
                self::saltOf(Base::DemiGlace, $formula),
            ),
            $thickness,
            (1000.0 * $share) / $sauce->millilitres(),
            null,
        );
    }

    public function yield(): Volume
    {
        return $this->stem->volume();
    }

    /** The same, believed to be made thicker or thinner. Thickness goes nearly with the starch: two steps are enough for a guess. */
    public function asThickAs(EquivalentFlour $thickness): Stem
    {
        $stem = $this->stem;
        for ($step = 0; $step < 2 && abs($this->thickness->gramsPerLitre - $thickness->gramsPerLitre) > 0.01; $step++) {
            $stem = $stem->withStarch($thickness->gramsPerLitre / max(1.0, $stem->thickness()->gramsPerLitre));
        }

        return $stem;
    }

    /** A demi-glace is salted only where it is served: in what is made of it. */
    private static function saltOf(Base $base, Formula $formula): float
    {
        return $base === Base::DemiGlace && $formula->salt <= 0.0 ? HouseFormulas::SALT : $formula->salt;
    }
}
