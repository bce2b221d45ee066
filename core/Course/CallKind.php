<?php

declare(strict_types=1);

namespace Lento\Course;

/** Why a pot calls the cook: it wants hands, its time is up, or it wants to be stirred, skimmed, turned, looked at. */
enum CallKind: string
{
    case Hands = 'hands';
    case Timer = 'timer';
    case Stir = 'stir';
    case Skim = 'skim';
    case Turn = 'turn';
    case Look = 'look';
}
