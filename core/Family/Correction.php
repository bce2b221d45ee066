<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\NotReachable;
use Lento\Heat\HobHeat;
use Lento\Larder\Allergen;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Thickening;
use Lento\Rescue\Thinning;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Lento\Thickness\ThicknessClass;

/** What brings a derivative into its class where its base alone does not: its amount, its minutes, and the sauce it makes. */
final readonly class Correction
{
    /** Share of the base that may be boiled off for it: beyond that it is better thickened. */
    private const MOST_REDUCED = 0.35;

    /** min of boiling down beyond which it is thickened instead. Source: the laws of scale, docs/sauces.md. */
    private const LONGEST = 45.0;

    /** Of whole milk's solids, from which a sauce catches like milk. */
    private const MILKY = 0.5;

    /**
     * @param Mass $amount of liquid, or of flour in the beurre manié; nothing for a reduction
     * @param Mass $steam what it boils off
     * @param Volume|null $downTo what the base is boiled down to
     * @param Length|null $depth where the dip-stick reads then
     * @param Mass $butter in the beurre manié
     */
    private function __construct(
        public CorrectionKind $kind,
        public Mass $amount,
        public Mass $butter,
        public Mass $steam,
        public ?Volume $downTo,
        public ?Length $depth,
        public Duration $time,
        public Sauce $sauce,
    ) {}

    /**
     * Null where the sauce is in its class, or nothing sets it right.
     *
     * @param Stem $base as it is ladled in, to be boiled down where that is the way
     * @param bool $mayReduce whether it can be boiled down before anything else goes in
     */
    public static function to(
        ThicknessClass $class,
        Sauce $sauce,
        Stem $base,
        Pan $pan,
        Workplace $workplace,
        bool $mayReduce = true,
    ): ?self {
        $now = EquivalentFlour::of($sauce);
        if ($now->thicknessClass() === $class) {
            return null;
        }
        try {
            return $now->gramsPerLitre > $class->target()->gramsPerLitre
                ? self::thinned($class->target(), $sauce, $base, $pan)
                : self::reduced($class->target(), $sauce, $base, $pan, $workplace, $mayReduce)
                        ?? self::thickened($class->target(), $sauce, $pan, $workplace);
        } catch (NotReachable) {
            return null;
        }
    }

    /** Of the liquid that thins it, as measured cold. */
    public function liquid(Stem $base): Volume
    {
        return $base->liquid->density->volumeOf($this->amount);
    }

    /** @return list<Allergen> of what it brings */
    public function allergens(Stem $base): array
    {
        return match ($this->kind) {
            CorrectionKind::Thin => $base->liquid->allergens,
            CorrectionKind::ReduceFirst => [],
            CorrectionKind::BeurreManie => [Allergen::Gluten, Allergen::Milk],
        };
    }

    private static function thinned(EquivalentFlour $target, Sauce $sauce, Stem $base, Pan $pan): self
    {
        $thinning = Thinning::to(
            $target,
            $sauce,
            $base->liquid,
            Temperature::ofCelsius(Thinning::HOT),
            new TimeToBoil($pan, HobHeat::MediumHigh->flux()),
        );
        $nothing = Mass::ofGrams(0.0);

        return new self(
            CorrectionKind::Thin,
            $thinning->liquid,
            $nothing,
            $nothing,
            null,
            null,
            Duration::ofMinutes(1.0),
            $thinning->sauce,
        );
    }

    /** The water is taken from the finished sauce on paper, and from the base in the pan: the same water. */
    private static function reduced(
        EquivalentFlour $target,
        Sauce $sauce,
        Stem $base,
        Pan $pan,
        Workplace $workplace,
        bool $mayReduce,
    ): ?self {
        // Milk catches on a brisk flame.
        $level = $sauce->dairy() > self::MILKY ? SimmerLevel::Simmer : SimmerLevel::Brisk;
        $simmer = $workplace->simmer($pan, $level);
        $reduced = Reduction::leftWhen($target, $sauce);
        $gone = $sauce->grams() - $reduced->grams();
        $left = $base->sauce->withoutWater(Mass::ofGrams($gone))->volume();
        if (!$mayReduce || $left->inMillilitres() < (1.0 - self::MOST_REDUCED) * $base->sauce->millilitres()) {
            return null;
        }
        // As water it would steam faster than any sauce: what takes too long even so need not be walked through.
        if ($gone > self::LONGEST * $level->flux() * $pan->areaSquareCentimetres() * $workplace->kitchen->evaporation->value) {
            return null;
        }
        $time = $simmer->timeDownTo($base->sauce, $left);
        if ($time->inMinutes() > self::LONGEST) {
            return null;
        }
        $nothing = Mass::ofGrams(0.0);

        return new self(
            CorrectionKind::ReduceFirst,
            $nothing,
            $nothing,
            Mass::ofGrams($gone),
            $left,
            $pan->depth($left),
            $time,
            $reduced,
        );
    }

    private static function thickened(EquivalentFlour $target, Sauce $sauce, Pan $pan, Workplace $workplace): self
    {
        $thickening = Thickening::to(
            $target,
            $sauce,
            Means::BeurreManie,
            $workplace->larder->thickener('plain-flour'),
            $workplace->simmer($pan, SimmerLevel::Bare),
            $workplace->larder,
        );

        return new self(
            CorrectionKind::BeurreManie,
            $thickening->thickener,
            $thickening->butter,
            Mass::ofGrams(0.0),
            null,
            null,
            $thickening->time,
            $thickening->sauce,
        );
    }
}
