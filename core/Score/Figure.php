<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Procedure\Vessel;

/** What a cook does without laying down the spoon: steps of a plan that are one task. */
enum Figure: string
{
    case SetOut = 'set-out';
    case Apart = 'apart';
    case Infuse = 'infuse';
    case Warm = 'warm';
    case Brown = 'brown';
    case Roux = 'roux';
    case Bake = 'bake';
    case LetDown = 'let-down';
    case Ladle = 'ladle';
    case Pour = 'pour';
    case Boil = 'boil';
    case Skim = 'skim';
    case Simmer = 'simmer';
    case Enrich = 'enrich';
    case Finish = 'finish';
    case Reheat = 'reheat';
    case Wash = 'wash';

    /** @return self|null null for what takes no time of its own: the pass, a log */
    public static function of(Step $step): ?self
    {
        $beside = in_array($step->conditions->vessel, [Vessel::SecondPan, Vessel::StockPot, Vessel::RoastingTin], true);

        return match ($step->kind) {
            StepKind::SetOut, StepKind::Prepare => self::SetOut,
            StepKind::Infuse => self::Infuse,
            StepKind::Warm => self::Warm,
            StepKind::CookApart => self::Apart,
            StepKind::Melt, StepKind::BrownButter, StepKind::Flour, StepKind::Colour => self::Roux,
            StepKind::Sweat, StepKind::BrownVegetables, StepKind::BrownPaste, StepKind::ReduceWine, StepKind::ReduceApart
                => $beside ? self::Apart : self::Brown,
            StepKind::Bake => self::Bake,
            StepKind::LetDown => self::LetDown,
            StepKind::Combine, StepKind::Pour => self::Pour,
            StepKind::Boil => self::Boil,
            StepKind::Skim => self::Skim,
            StepKind::Simmer, StepKind::Reduce => self::Simmer,
            StepKind::Ladle => self::Ladle,
            StepKind::StirIn, StepKind::Enrich, StepKind::Garnish => self::Enrich,
            StepKind::Test, StepKind::Correct, StepKind::TakeOut, StepKind::Season, StepKind::Strain, StepKind::Blend => self::Finish,
            StepKind::Keep, StepKind::Free, StepKind::Finish => null,
        };
    }

    /** Whether it is done in a pan of its own, beside the sauce, until it joins it. */
    public function isBeside(): bool
    {
        return in_array($this, [self::Apart, self::Infuse, self::Warm], true);
    }

    /** Whether the pan stands on its ring meanwhile, be it off the heat for some minutes. */
    public function isOnTheRing(): bool
    {
        return !in_array($this, [self::SetOut, self::Bake, self::Wash], true);
    }

    /**
     * Minutes for which what comes next may be waited for: a hot roux goes on cooking, a pot on the heat goes on steaming, a liaison
     * thickens.
     * From the bands of procedures.md, section 1, and custom of the trade.
     */
    public function waitsFor(self $next): int
    {
        return match (true) {
            $this === self::SetOut => 90,
            $this === self::Roux && $next === self::Bake, $this === self::Bake && $next === self::LetDown => 1,
            $this === self::Roux && $next === self::LetDown => 0,
            $this === self::Roux => 4,
            $this === self::LetDown => 8,
            $this === self::Pour, $this === self::Boil, $this === self::Skim => $next === self::Enrich ? 2 : 0,
            $this === self::Brown && $next === self::Roux => 1,
            $this === self::Infuse || $this === self::Warm => 25,
            $this === self::Apart => 60,
            $this === self::Simmer => 8,
            $this === self::Ladle => 2,
            default => 4,
        };
    }
}
