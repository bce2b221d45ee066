<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What tells most to the eye, besides the colour. */
enum Sight: string
{
    case Foam = 'foam';
    case WetPaste = 'wet-paste';
    case DryPaste = 'dry-paste';
    case Bubbling = 'bubbling';
    case FewLumps = 'few-lumps';
    case Lumps = 'lumps';
    case DarkEdge = 'dark-edge';
    case Specks = 'specks';
    case Catching = 'catching';
    case Skin = 'skin';
    case Split = 'split';
    case Rising = 'rising';
    case RunsOver = 'runs-over';
    case Fat = 'fat';
    case Trembling = 'trembling';

    /** One that wants a hand at once. */
    public function isTrouble(): bool
    {
        return in_array(
            $this,
            [self::Rising, self::RunsOver, self::Specks, self::DarkEdge, self::Catching, self::Split, self::Skin],
            true,
        );
    }
}
