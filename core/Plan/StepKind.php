<?php

declare(strict_types=1);

namespace Lento\Plan;

/** The steps of a pot, in the trade's words; what each looks, smells and sounds like is the interface's to say. */
enum StepKind: string
{
    case SetOut = 'set-out';
    case Prepare = 'prepare';
    case Infuse = 'infuse';
    case Warm = 'warm';
    case CookApart = 'cook-apart';
    case Melt = 'melt';
    case BrownButter = 'brown-butter';
    case Sweat = 'sweat';
    case BrownVegetables = 'brown-vegetables';
    case BrownPaste = 'brown-paste';
    case ReduceWine = 'reduce-wine';
    case Flour = 'flour';
    case Colour = 'colour';
    case Bake = 'bake';
    case LetDown = 'let-down';
    case Combine = 'combine';
    case Pour = 'pour';
    case Boil = 'boil';
    case Skim = 'skim';
    case Simmer = 'simmer';
    case Reduce = 'reduce';
    case TakeOut = 'take-out';
    case Test = 'test';
    case Correct = 'correct';
    case Season = 'season';
    case Strain = 'strain';
    case Blend = 'blend';
    case Enrich = 'enrich';
    case Ladle = 'ladle';
    case ReduceApart = 'reduce-apart';
    case StirIn = 'stir-in';
    case Garnish = 'garnish';
    case Keep = 'keep';
    case Free = 'free';
    case Finish = 'finish';
}
