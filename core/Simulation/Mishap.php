<?php

declare(strict_types=1);

namespace Lento\Simulation;

/** What goes wrong with a pot, by the name a cook gives it. */
enum Mishap: string
{
    case Splashes = 'splashes';
    case RunsOver = 'runs-over';
    case Smokes = 'smokes';
    case Burns = 'burns';
    case Catches = 'catches';
    case TooHotFor = 'too-hot-for';
    case MayCurdle = 'may-curdle';
    case BoilsDry = 'boils-dry';
}
