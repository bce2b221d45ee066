<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** What goes in last beyond the formula of the sauce. */
enum FinishWay: string
{
    case BySauce = 'by-sauce';
    case Butter = 'butter';
    case Cream = 'cream';
    case Liaison = 'liaison';
}
