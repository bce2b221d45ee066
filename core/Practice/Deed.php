<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Mass;

/** One thing that a cook does at the practice pot, at a full second of its time. */
final readonly class Deed
{
    /** g: nobody lifts more in one go. */
    public const MOST_GRAMS = 200_000.0;

    public const LONGEST_WHISK = 120;

    /** @param string $what larder id of what goes in, or empty */
    private function __construct(
        public int $at,
        public DeedKind $kind,
        public HobHeat|SimmerLevel|Lid|Where|null $way = null,
        public float $amount = 0.0,
        public string $what = '',
    ) {}

    /** @throws OutOfRange */
    private static function new(
        int $at,
        DeedKind $kind,
        HobHeat|SimmerLevel|Lid|Where|null $way = null,
        float $amount = 0.0,
        string $what = '',
    ): self {
        OutOfRange::refuse('second-of-practice', (float) $at, 0.0, (float) PracticePot::LONGEST, 's');

        return new self($at, $kind, $way, $amount, $what);
    }

    /**
     * @param HobHeat|null $level null for off
     *
     * @throws OutOfRange before the beginning or after the longest practice, as all of these
     */
    public static function heat(int $at, ?HobHeat $level): self
    {
        return self::new($at, DeedKind::Heat, $level);
    }

    /** Kept at its simmer, up and down as it needs. */
    public static function hold(int $at, SimmerLevel $level): self
    {
        return self::new($at, DeedKind::Hold, $level);
    }

    /** @param float $share 0 left alone to 1 stirred all the time */
    public static function stir(int $at, float $share, Where $where = Where::All): self
    {
        OutOfRange::refuse('stirring', $share, 0.0, 1.0, '');

        return self::new($at, DeedKind::Stir, $where, $share);
    }

    public static function add(int $at, string $what, Mass $mass): self
    {
        OutOfRange::refuse('weight-of-practice', $mass->inGrams(), 0.1, self::MOST_GRAMS, 'g');

        return self::new($at, DeedKind::Add, null, $mass->inGrams(), $what);
    }

    /** @param int $seconds that it is whisked hard */
    public static function whisk(int $at, int $seconds = 10): self
    {
        OutOfRange::refuse('seconds-of-whisking', (float) $seconds, 1.0, (float) self::LONGEST_WHISK, 's');

        return self::new($at, DeedKind::Whisk, null, (float) $seconds);
    }

    public static function lid(int $at, Lid $lid): self
    {
        return self::new($at, DeedKind::Lid, $lid);
    }

    /** What needs no more than its name: skim, measure, the step is done, the step done as it is written. */
    public static function of(int $at, DeedKind $kind): self
    {
        return self::new($at, $kind);
    }

    public function later(int $at): self
    {
        return new self(max(0, $at), $this->kind, $this->way, $this->amount, $this->what);
    }

    public function weighing(float $grams): self
    {
        return new self($this->at, $this->kind, $this->way, $grams, $this->what);
    }

    public function equals(self $other): bool
    {
        return $this->at === $other->at
            && $this->kind === $other->kind
            && $this->way === $other->way
            && $this->what === $other->what
            && abs($this->amount - $other->amount) < 1e-9;
    }
}
