<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** Pepper in pale sauces. */
enum Pepper: string
{
    case White = 'white';
    case Black = 'black';
    case None = 'none';
}
