<?php

declare(strict_types=1);

namespace Lento\Roux;

/** What a cook calls a roux of some shade. */
enum Stage: string
{
    case White = 'white';
    case Blond = 'blond';
    case Brown = 'brown';
    case Dark = 'dark';
    case Burnt = 'burnt';
}
