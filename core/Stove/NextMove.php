<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Course\Course;
use Lento\Exception\NotReachable;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Plan\Cooking;
use Lento\Plan\Plan;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\LateThickening;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Thickening;
use Lento\Rescue\Thinning;
use Lento\Thickness\Doneness;
use Lento\Thickness\EquivalentFlour;

/** What to do next about the thickness of a pot, with its amounts and minutes. */
final readonly class NextMove
{
    /** Thicker or thinner than asked for by less than this share of its flour, nobody can tell on a spoon. */
    private const NEAR = 0.08;

    /** Share of the planned volume that a reduction may cost, and min that it may take, before one thickens instead. */
    private const VOLUME_TO_SPARE = 0.10;

    private const MINUTES_TO_SPARE = 20.0;

    /**
     * @param Duration $time how long it takes
     * @param EquivalentFlour $then how thick it is afterwards
     */
    private function __construct(
        public MoveKind $kind,
        public Duration $time,
        public EquivalentFlour $then,
        public ?Length $depth = null,
        public ?Volume $liquid = null,
        public ?Means $means = null,
        public ?Mass $thickener = null,
        public ?Mass $butter = null,
        public ?Mass $water = null,
    ) {}

    public static function of(Plan $plan, Cooking $cooking, Course $course, SauceWatch $watch, Larder $larder): self
    {
        $pot = $watch->reckoning;
        $target = EquivalentFlour::of($cooking->sauces->tested);
        $then = $watch->thicknessThen->likely;
        $nothing = Duration::ofSeconds(0.0);
        if (!$watch->boiled) {
            return new self(MoveKind::BoilFirst, $nothing, $then);
        }
        $off = $watch->thickness->likely->gramsPerLitre / $target->gramsPerLitre - 1.0;
        $raw = $watch->ends->starch->tastesRaw() > Doneness::COOKED_OUT
            ? $pot->simmer()->minutesUntilCookedOut($watch->ends, Doneness::COOKED_OUT)
            : $nothing;
        $mayBoil = $plan->limitAt($course->current)->atMost === null;
        try {
            return match (true) {
                // What is still to go in changes it yet: nobody judges it too thick before.
                $off > self::NEAR && $watch->judged => self::thin($pot, $target),
                // While it simmers it still thickens: nobody judges it thin before its time is up.
                $watch->left->seconds > 0.0 || !$watch->judged => new self(MoveKind::GoOn, $watch->left, $then),
                $off < -self::NEAR && !$mayBoil => new self(MoveKind::ThickenApart, $nothing, $target),
                $off < -self::NEAR => self::thicken($plan, $cooking, $pot, $watch, $target, $larder),
                $raw->seconds > 30.0 && $mayBoil => new self(MoveKind::CookOut, $raw, $then),
                default => new self(MoveKind::Right, $nothing, $then),
            };
        } catch (NotReachable) {
            return new self(MoveKind::Right, $nothing, $then);
        }
    }

    /** Whether there is something to put into the pot. */
    public function adds(): bool
    {
        return in_array($this->kind, [MoveKind::Thin, MoveKind::Thicken], true);
    }

    /** Whether the sauce can be taken off as it is. */
    public function isDone(): bool
    {
        return $this->kind === MoveKind::Right;
    }

    /** @throws NotReachable */
    private static function thin(Reckoning $pot, EquivalentFlour $target): self
    {
        $kind = $pot->plan->liquid;
        $thinning = Thinning::to(
            $target,
            $pot->sauce,
            $kind,
            Temperature::ofCelsius(Thinning::HOT),
            new TimeToBoil($pot->plan->place->pan, HobHeat::MediumHigh->flux()),
        );

        return new self(
            MoveKind::Thin,
            $thinning->time ?? Duration::ofSeconds(0.0),
            $target,
            liquid: $kind->density->volumeOf($thinning->liquid),
        );
    }

    /** @throws NotReachable */
    private static function thicken(
        Plan $plan,
        Cooking $cooking,
        Reckoning $pot,
        SauceWatch $watch,
        EquivalentFlour $target,
        Larder $larder,
    ): self {
        $late = $cooking->ways->late;
        if ($late === LateThickening::Reduce) {
            $reduction = self::reduction($pot, $target);
            $spares = $reduction !== null
                && $reduction->volume->cubicMetres >= (1.0 - self::VOLUME_TO_SPARE) * $cooking->sauces->tested->volume()->cubicMetres
                && $reduction->time->seconds - $watch->left->seconds <= self::MINUTES_TO_SPARE * 60.0;
            if ($reduction !== null && ($spares || self::boilsDown($plan))) {
                return new self(MoveKind::Reduce, $reduction->time, $target, depth: $reduction->depthIn($cooking->place->pan));
            }
        }
        $means = Means::tryFrom($late->value) ?? Means::BeurreManie;
        $thickening = Thickening::to(
            $target,
            $watch->ends,
            $means,
            $larder->thickener(Reckoning::thickenerOf($means)),
            $pot->simmer(),
            $larder,
        );

        return new self(
            MoveKind::Thicken,
            Duration::ofMinutes(max(Thickening::SWELLS_MINUTES, $thickening->time->inMinutes())),
            $target,
            means: $means,
            thickener: $thickening->thickener,
            butter: $thickening->butter,
            water: $thickening->water,
        );
    }

    /** A base without a roux of its own is made by boiling it down: that is how it is set right. */
    private static function boilsDown(Plan $plan): bool
    {
        return $plan->cooking?->roux === null && $plan->making?->isDerived() === false;
    }

    private static function reduction(Reckoning $pot, EquivalentFlour $target): ?Reduction
    {
        try {
            return Reduction::to($target, $pot->sauce, $pot->simmer());
        } catch (NotReachable) {
            return null;
        }
    }
}
