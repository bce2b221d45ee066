<?php

declare(strict_types=1);

namespace Lento\Compose;

/** The steps of a pot, in the trade's words; what each looks, smells and sounds like is the interface's to say. */
enum StepKind: string
{
    case SetOut = 'set-out';
    case Infuse = 'infuse';
    case Melt = 'melt';
    case BrownVegetables = 'brown-vegetables';
    case BrownPaste = 'brown-paste';
    case Flour = 'flour';
    case Colour = 'colour';
    case LetDown = 'let-down';
    case Pour = 'pour';
    case Boil = 'boil';
    case Simmer = 'simmer';
    case Test = 'test';
    case Season = 'season';
    case Strain = 'strain';
    case Finish = 'finish';
}
