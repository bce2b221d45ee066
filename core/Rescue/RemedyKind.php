<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What is done about a fault. */
enum RemedyKind: string
{
    case Thin = 'thin';
    case Reduce = 'reduce';
    case Thicken = 'thicken';
    case Boil = 'boil';
    case CookOut = 'cook-out';
    case Whisk = 'whisk';
    case Blend = 'blend';
    case Strain = 'strain';
    case Skim = 'skim';
    case Bind = 'bind';
    case AddFat = 'add-fat';
    case AddFlour = 'add-flour';
    case Decant = 'decant';
    case Desalt = 'desalt';
    case CoolAndBlend = 'cool-and-blend';
    case Warm = 'warm';
    case LadleOff = 'ladle-off';
    case BrownLonger = 'brown-longer';
    /** Off the flame, pan aside, whisked down. */
    case OffTheFlame = 'off-the-flame';
    /** A part of it is replaced by base that has been cooked out. */
    case ReplaceAPart = 'replace-a-part';
    case Sweeten = 'sweeten';
    case Sharpen = 'sharpen';
    case Salt = 'salt';
    case Round = 'round';
    /** Grainy cheese: blended with a spoon of acid. */
    case BlendWithAcid = 'blend-with-acid';
    /** Split butter: a splash of water, whisked off the heat. */
    case WhiskWater = 'whisk-water';
    /** Too little of it: as much more as liquid and a white roux make. */
    case Stretch = 'stretch';
    /** Not yet: it is judged once it has boiled. */
    case Wait = 'wait';
    case NextTime = 'next-time';
    case StartOver = 'start-over';

    /** Whether the sauce itself boils while it is done, so that nothing with a limit may be in it. */
    public function boils(): bool
    {
        return in_array($this, [self::Reduce, self::Boil, self::CookOut, self::Bind], true);
    }

    /** @return string larder id of the one thing that it stirs in; '' where it is another matter */
    public function stirsIn(): string
    {
        return match ($this) {
            self::Sweeten => 'sugar',
            self::Sharpen, self::BlendWithAcid => 'lemon-juice',
            self::Salt => 'salt',
            self::Round => 'double-cream',
            default => '',
        };
    }
}
