<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What can be wrong with a sauce, by what the cook sees. */
enum Fault: string
{
    case TooThick = 'too-thick';
    case TooThin = 'too-thin';
    case Lumps = 'lumps';
    case TooSalty = 'too-salty';
    case FatFilm = 'fat-film';
    case Scorched = 'scorched';
    case Split = 'split';
    case NeverBoiled = 'never-boiled';
    case RawFlour = 'raw-flour';
    case Pasty = 'pasty';
    case RouxStiff = 'roux-stiff';
    case RouxLoose = 'roux-loose';
    case SpecksBurnt = 'specks-burnt';
    case RouxSeparated = 'roux-separated';
    case Skin = 'skin';
    case SetSolid = 'set-solid';
    case TooDark = 'too-dark';
    case TooPale = 'too-pale';
    case FoamedOver = 'foamed-over';
    case Sour = 'sour';
    case Bitter = 'bitter';
    case Flat = 'flat';
    case RawWine = 'raw-wine';
    case RawSpice = 'raw-spice';
    case GrainyCheese = 'grainy-cheese';
    case SplitButter = 'split-butter';
    case TooLittle = 'too-little';

    /** Whether it is one of the roux, before there is any sauce. */
    public function ofRoux(): bool
    {
        return in_array($this, [self::RouxStiff, self::RouxLoose, self::SpecksBurnt, self::RouxSeparated], true);
    }

    /** Whether nothing mends it: what is there is thrown away, or stays as it is. */
    public function isFinal(): bool
    {
        return in_array($this, [self::SpecksBurnt, self::RouxSeparated], true);
    }
}
