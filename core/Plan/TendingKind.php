<?php

declare(strict_types=1);

namespace Lento\Plan;

/** What a pot that is left alone wants now and then. */
enum TendingKind: string
{
    case Stir = 'stir';
    case Skim = 'skim';
    case Turn = 'turn';
    case Look = 'look';
}
