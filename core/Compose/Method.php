<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Keeping\SkinGuard;
use Lento\Rescue\LateThickening;

/**
 * The choices where practitioners disagree, other than how roux and liquid meet and the fat-to-flour ratio, which are numbers of their own.
 *
 * Null leaves a choice to the base. Source: the house's list of schools, docs/sauces.md.
 */
final readonly class Method
{
    public function __construct(
        public FlourWay $flour = FlourWay::AllAtOnce,
        public ?RouxPlace $place = null,
        public CookOut $cookOut = CookOut::Usual,
        public Stirring $stirring = Stirring::Visits,
        public bool $brownedButter = false,
        public ?AromaticsWay $aromatics = null,
        public ?StrainWay $strain = null,
        public Pepper $pepper = Pepper::White,
        public SaltTime $salt = SaltTime::AtTheEnd,
        public SkinGuard $skin = SkinGuard::Cartouche,
        public MilkWay $milk = MilkWay::Infused,
        public LateThickening $late = LateThickening::Reduce,
        public FinishWay $finish = FinishWay::BySauce,
    ) {}

    /** The same with what it leaves open as another has it. */
    public function over(self $usual): self
    {
        return new self(
            $this->flour,
            $this->place ?? $usual->place ?? RouxPlace::Hob,
            $this->cookOut,
            $this->stirring,
            $this->brownedButter,
            $this->aromatics ?? $usual->aromatics,
            $this->strain ?? $usual->strain ?? StrainWay::Strained,
            $this->pepper,
            $this->salt,
            $this->skin,
            $this->milk,
            $this->late,
            $this->finish,
        );
    }
}
