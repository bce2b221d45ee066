<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What one hears of it. */
enum Sound: string
{
    case Silent = 'silent';
    case LoudHiss = 'loud-hiss';
    case SoftHiss = 'soft-hiss';
    case Crackle = 'crackle';
    case NowAndThen = 'now-and-then';
    case Simmering = 'simmering';
    case Rolling = 'rolling';
    case Plopping = 'plopping';
    case Hissing = 'on-the-ring';
}
