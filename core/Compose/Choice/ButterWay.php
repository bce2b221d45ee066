<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** The butter of a roux before the flour: melted, or browned first for its taste. */
enum ButterWay: string
{
    case Melted = 'melted';
    case Browned = 'browned';
}
