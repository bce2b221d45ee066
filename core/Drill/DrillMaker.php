<?php

declare(strict_types=1);

namespace Lento\Drill;

use Lento\Compose\Question;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Practice\Draw;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Remedies;
use Lento\Rescue\RemedyKind;
use Lento\Roux\Swatch;
use Lento\Stove\Trouble;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** Draws drills from a kitchen's own pans and sauces: the same from the same seed. */
final readonly class DrillMaker
{
    /** g in an ounce; and of 100 ml of soft butter and of spooned flour. Source: docs/model.md, T1. */
    private const OUNCE = 28.35;

    private const BUTTER_ML = 0.91;

    private const FLOUR_ML = 0.53;

    private const TASTED_AT = 60.0;

    /** Steps on the strip of shades that is answered with: half a shade. */
    private const SHADES = ['0', '0.5', '1', '1.5', '2', '2.5', '3', '3.5', '4'];

    /** Faults whose first remedy is worth knowing by heart. */
    private const FAULTS = [
        Fault::TooThick,
        Fault::TooThin,
        Fault::Lumps,
        Fault::TooSalty,
        Fault::FatFilm,
        Fault::RawFlour,
        Fault::Split,
        Fault::NeverBoiled,
        Fault::SpecksBurnt,
        Fault::Skin,
    ];

    private const OTHERS = [
        RemedyKind::Thin,
        RemedyKind::Thicken,
        RemedyKind::Whisk,
        RemedyKind::Strain,
        RemedyKind::Skim,
        RemedyKind::CookOut,
        RemedyKind::Boil,
        RemedyKind::StartOver,
    ];

    public function __construct(private DrillSource $source) {}

    public function drawn(DrillKind $kind, int $seed): Drill
    {
        $draw = Draw::from($seed)->next();

        return match ($kind) {
            DrillKind::Spoon => $this->spoon($draw),
            DrillKind::Shade => self::shade($draw),
            DrillKind::Depth => $this->depth($draw),
            DrillKind::Notch => $this->notch($draw),
            DrillKind::Head => self::head($draw),
            DrillKind::Next => $this->next($draw),
            DrillKind::Remedy => $this->remedy($draw),
        };
    }

    /** Which spoon is it: from runs off to mounds, as evenly as the words lie. */
    private function spoon(Draw $draw): Drill
    {
        $served = $this->source->plan->cooking?->sauces->served ?? Sauce::nothing();
        $classes = ThicknessClass::cases();
        $class = $classes[$draw->below(count($classes))];
        $draw = $draw->next();
        $wanted = $class->target()->gramsPerLitre * exp(0.5 * ($draw->share() - 0.5));
        $is = max(1.0, EquivalentFlour::of($served)->gramsPerLitre);
        $sauce = $served;
        // What starch does is not straight: a few steps bring it there.
        for ($i = 0; $i < 6 && $served->starch->grams > 0.0; $i++) {
            $sauce = $sauce->starchTimes(($wanted / $is) ** 0.9);
            $is = max(1.0, EquivalentFlour::of($sauce)->gramsPerLitre);
        }
        $flow = Flow::at($sauce, self::TASTED_AT);
        $spoon = SpoonTest::of($flow);
        $words = array_map(static fn(ThicknessClass $one): string => SpoonWord::of($one)->value, $classes);

        return Drill::choosing(DrillKind::Spoon, '', [
            'film' => $spoon->film->inMillimetres(),
            'yield' => $flow->yield,
            'viscosity' => $flow->pascalSeconds(EquivalentFlour::SHEAR),
            'actual' => $is,
        ], $words, (int) array_search($spoon->word()->value, $words, true));
    }

    private static function shade(Draw $draw): Drill
    {
        $shade = 0.1 + 3.6 * $draw->share();
        $near = (int) round($shade / 0.5);

        return Drill::choosing(
            DrillKind::Shade,
            '',
            ['hex' => Swatch::ofShade($shade)->hex(), 'actual' => $shade],
            self::SHADES,
            min(count(self::SHADES) - 1, $near),
        );
    }

    /** How many litres at this depth in this pan. */
    private function depth(Draw $draw): Drill
    {
        $pan = $this->pan($draw);
        $depth = round($pan->height->inMillimetres() * (0.15 + 0.65 * $draw->next()->share()));
        $litres = $pan->areaSquareCentimetres() * $depth / 10_000.0;

        return Drill::typing(DrillKind::Depth, '', [
            'diameter' => $pan->diameter->inMillimetres(),
            'height' => $pan->height->inMillimetres(),
            'mm' => $depth,
            'actual' => $litres,
        ], $litres, 0.1);
    }

    /** When will it be at the notch: how fast it has fallen tells. */
    private function notch(Draw $draw): Drill
    {
        $from = round(60.0 + 60.0 * $draw->share());
        $draw = $draw->next();
        $minutes = (float) (5 * (1 + $draw->below(3)));
        $draw = $draw->next();
        $fell = (float) (2 + $draw->below(6));
        $notch = round($from * (0.55 + 0.2 * $draw->next()->share()));

        return Drill::typing(DrillKind::Notch, '', [
            'from' => $from,
            'to' => $from - $fell,
            'after' => $minutes,
            'notch' => $notch,
        ], ($from - $fell - $notch) / $fell * $minutes, 0.12);
    }

    private static function head(Draw $draw): Drill
    {
        $variant = ['part', 'ounces', 'volume'][$draw->below(3)];
        $draw = $draw->next();
        $grams = (float) (20 + 5 * $draw->below(40));
        $draw = $draw->next();
        $litres = [1.0, 2.0, 3.0, 4.0][$draw->below(4)];
        $wanted = [0.5, 1.5, 2.5, 5.0][$draw->next()->below(4)];

        return match ($variant) {
            'part' => Drill::typing(
                DrillKind::Head,
                $variant,
                ['grams' => $grams, 'litres' => $litres, 'wanted' => $wanted],
                $grams * $wanted / $litres,
                0.04,
            ),
            'ounces' => Drill::typing(DrillKind::Head, $variant, ['grams' => $grams], $grams / self::OUNCE, 0.06),
            default => Drill::typing(
                DrillKind::Head,
                $variant,
                ['grams' => $grams],
                $grams / self::BUTTER_ML * self::FLOUR_ML,
                0.1,
            ),
        };
    }

    /** What comes next on the sheet of a sauce that this kitchen makes. */
    private function next(Draw $draw): Drill
    {
        $steps = array_values(array_filter(
            $this->source->plan->steps,
            static fn(Step $step): bool => !in_array($step->kind, [StepKind::SetOut, StepKind::Correct, StepKind::Finish], true),
        ));
        $at = $draw->below(max(1, count($steps) - 1));
        $right = $steps[min(count($steps) - 1, $at + 1)];
        $others = array_values(array_filter(
            $steps,
            static fn(Step $step): bool => $step->id !== $right->id && $step->id !== $steps[$at]->id,
        ));
        $choices = [$right->id];
        while (count($choices) < 4 && $others !== []) {
            $draw = $draw->next();
            $place = $draw->below(count($others));
            $choices[] = $others[$place]->id;
            array_splice($others, $place, 1);
        }
        sort($choices);

        return Drill::choosing(
            DrillKind::Next,
            $this->source->plan->making->sauce ?? '',
            ['now' => $steps[$at]->id],
            $choices,
            (int) array_search($right->id, $choices, true),
        );
    }

    private function remedy(Draw $draw): Drill
    {
        $fault = self::FAULTS[$draw->below(count(self::FAULTS))];
        $pot = Trouble::withSomebodys(Question::of($this->source->root, Volume::ofLitres(2.0)));
        $right = Remedies::for($fault, $pot->showing($fault))[0]->kind;
        $others = array_values(array_filter(self::OTHERS, static fn(RemedyKind $kind): bool => $kind !== $right));
        $choices = [$right->value];
        while (count($choices) < 4 && $others !== []) {
            $draw = $draw->next();
            $place = $draw->below(count($others));
            $choices[] = $others[$place]->value;
            array_splice($others, $place, 1);
        }
        sort($choices);

        return Drill::choosing(
            DrillKind::Remedy,
            $fault->value,
            ['fault' => $fault->value],
            $choices,
            (int) array_search($right->value, $choices, true),
        );
    }

    private function pan(Draw $draw): Pan
    {
        return $this->source->pans[$draw->below(count($this->source->pans))];
    }
}
