<?php

declare(strict_types=1);

namespace Lento\Procedure;

/** What is done to a sauce, in the trade's words: bases, gravies, derivatives and a kitchen's own are all made of these. */
enum ActKind: string
{
    /** Chop, blanch, beat, toast, soak: on the board, before it is wanted. */
    case Prepare = 'prepare';
    case Melt = 'melt';
    case BrownButter = 'brown-butter';
    case Sweat = 'sweat';
    case Brown = 'brown';
    case BrownDeep = 'brown-deep';
    case Render = 'render';
    /** The roux, on the hob. */
    case Colour = 'colour';
    /** The roux, in the oven. */
    case Bake = 'bake';
    case LetDown = 'let-down';
    case Deglaze = 'deglaze';
    case ReduceApart = 'reduce-apart';
    case Warm = 'warm';
    case Infuse = 'infuse';
    case Pour = 'pour';
    case Boil = 'boil';
    case Simmer = 'simmer';
    case Reduce = 'reduce';
    case Skim = 'skim';
    /** A sachet, a stalk: what was tied comes out again. */
    case TakeOut = 'take-out';
    case Blend = 'blend';
    case RubThrough = 'rub-through';
    case Strain = 'strain';
    /** Yolks and cream: tempered with a ladle of hot sauce, poured back, warmed until they thicken. */
    case Bind = 'bind';
    /** Cheese. */
    case MeltIn = 'melt-in';
    /** Cold butter, off the heat. */
    case WhiskIn = 'whisk-in';
    case StirIn = 'stir-in';
    case Season = 'season';
    case Rest = 'rest';
    case Hold = 'hold';
    case Cool = 'cool';

    /** Whether what is in the pan boils meanwhile, so that nothing with a limit may be in it. */
    public function boils(): bool
    {
        return in_array($this, [self::Boil, self::Simmer, self::Reduce, self::Skim], true);
    }

    /** Whether vegetables, meat or paste are cooked in fat. */
    public function fries(): bool
    {
        return in_array($this, [self::Sweat, self::Brown, self::BrownDeep, self::Render], true);
    }

    /** Whether something goes in off the boil that has a limit from then on. */
    public function finishes(): bool
    {
        return in_array($this, [self::Bind, self::MeltIn, self::WhiskIn], true);
    }

    /** Whether it parts the sauce from what is in it. */
    public function clears(): bool
    {
        return in_array($this, [self::Strain, self::Blend, self::RubThrough], true);
    }
}
