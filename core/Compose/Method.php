<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
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
use UnitEnum;

/**
 * The choices where practitioners disagree, other than how roux and liquid meet and the fat-to-flour ratio, which are numbers of their own.
 *
 * Null leaves a choice to the base. Source: the house's list of schools, docs/sauces.md.
 */
final readonly class Method
{
    private function __construct(
        public FlourWay $flour,
        public ?RouxPlace $place,
        public CookOut $cookOut,
        public Stirring $stirring,
        public ButterWay $butter,
        public ?AromaticsWay $aromatics,
        public ?StrainWay $strain,
        public Pepper $pepper,
        public SaltTime $salt,
        public SkinGuard $skin,
        public MilkWay $milk,
        public LateThickening $late,
        public FinishWay $finish,
    ) {}

    /** The usual of every choice, but for these: at most one of a kind, the last of several. */
    public static function of(
        FlourWay|RouxPlace|CookOut|Stirring|ButterWay|AromaticsWay|StrainWay|Pepper|SaltTime|SkinGuard|MilkWay|LateThickening|FinishWay
            ...$choices,
    ): self {
        return new self(
            self::chosen(FlourWay::class, $choices) ?? FlourWay::AllAtOnce,
            self::chosen(RouxPlace::class, $choices),
            self::chosen(CookOut::class, $choices) ?? CookOut::Usual,
            self::chosen(Stirring::class, $choices) ?? Stirring::Visits,
            self::chosen(ButterWay::class, $choices) ?? ButterWay::Melted,
            self::chosen(AromaticsWay::class, $choices),
            self::chosen(StrainWay::class, $choices),
            self::chosen(Pepper::class, $choices) ?? Pepper::White,
            self::chosen(SaltTime::class, $choices) ?? SaltTime::AtTheEnd,
            self::chosen(SkinGuard::class, $choices) ?? SkinGuard::Cartouche,
            self::chosen(MilkWay::class, $choices) ?? MilkWay::Infused,
            self::chosen(LateThickening::class, $choices) ?? LateThickening::Reduce,
            self::chosen(FinishWay::class, $choices) ?? FinishWay::BySauce,
        );
    }

    /** The same with what it leaves open as another has it. */
    public function over(self $usual): self
    {
        return new self(
            $this->flour,
            $this->place ?? $usual->place ?? RouxPlace::Hob,
            $this->cookOut,
            $this->stirring,
            $this->butter,
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

    /**
     * @template T of UnitEnum
     *
     * @param class-string<T> $kind
     * @param array<UnitEnum> $choices
     *
     * @return T|null
     */
    private static function chosen(string $kind, array $choices): ?UnitEnum
    {
        $found = null;
        foreach ($choices as $choice) {
            $found = $choice instanceof $kind ? $choice : $found;
        }

        return $found;
    }
}
