<?php

declare(strict_types=1);

namespace Lento\Plan;

/** At which part of the work an ingredient is used. */
enum When: string
{
    case Infuse = 'infuse';
    case Apart = 'apart';
    case Roux = 'roux';
    case Pour = 'pour';
    case Simmer = 'simmer';
    case Season = 'season';
    case Finish = 'finish';
}
