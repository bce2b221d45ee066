<?php

declare(strict_types=1);

namespace Lento\Procedure;

/** What an act is done in. */
enum Vessel: string
{
    /** The sauce's own. */
    case Pan = 'pan';
    /** Beside it: vegetables browned apart, wine boiled down, milk that infuses. */
    case SecondPan = 'second-pan';
    case RoastingTin = 'roasting-tin';
    case Bowl = 'bowl';
    case StockPot = 'stock-pot';
    case Oven = 'oven';
    /** On the board, in the jug: nothing is on the fire. */
    case Bench = 'bench';
}
