<?php

declare(strict_types=1);

namespace Lento\Plan;

/** What a step is done in. */
enum Vessel: string
{
    case Pan = 'pan';
    /** Beside the sauce's own: vegetables browned apart, milk that infuses. */
    case SecondPan = 'second-pan';
    case Oven = 'oven';
    /** On the board, in the jug: nothing is on the fire. */
    case Bench = 'bench';
}
