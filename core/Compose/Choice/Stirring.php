<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** How much of the simmer is stirred. */
enum Stirring: string
{
    case Constantly = 'constantly';
    case Visits = 'visits';

    /** @return float 0 left alone to 1 stirred all the time; nobody does either */
    public function share(): float
    {
        return $this === self::Constantly ? 0.9 : 0.5;
    }
}
