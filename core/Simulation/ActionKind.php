<?php

declare(strict_types=1);

namespace Lento\Simulation;

/** What a cook does to a pot at one moment. */
enum ActionKind: string
{
    case Add = 'add';
    case Heat = 'heat';
    case Lid = 'lid';
    case Stir = 'stir';
    case Skim = 'skim';
    case Ladle = 'ladle';
    case Strain = 'strain';
}
