<?php

declare(strict_types=1);

namespace Lento\Thickness;

/** What sauce does on the back of a spoon. */
enum SpoonWord: string
{
    case RunsOff = 'runs-off';
    case Veils = 'veils';
    case Coats = 'coats';
    case Masks = 'masks';
    case Mounds = 'mounds';
}
