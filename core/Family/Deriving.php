<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\NotReachable;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Procedure\InThePan;
use Lento\Procedure\Worked;
use Lento\Procedure\Working;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** A derivative cooked on paper, act by act: what is in its pan after each, how long it took, where the dip-stick reads. */
final readonly class Deriving
{
    /** Rounds end when the volume is right to this share. */
    private const SETTLED = 1e-4;

    private const MOST_ROUNDS = 30;

    private const IS_CHOSEN = 4;

    private function __construct(private Stem $stem, private Pan $pan, private Workplace $workplace) {}

    /**
     * @param Stem $taken all that is ladled into its pan
     * @param bool $corrects whether it is set right where its base alone does not bring it into its class
     * @param Pan|null $pan the smallest of the kitchen's that holds it if null
     * @param bool $mayReduce whether it may be boiled down to its class; else it is thickened
     *
     * @throws NotReachable if a reduction never gets there
     */
    public static function of(
        Derivative $derivative,
        Stem $taken,
        Workplace $workplace,
        bool $corrects = true,
        ?Pan $pan = null,
        bool $mayReduce = true,
    ): Derived {
        $deriving = new self(
            $taken,
            $pan ?? $workplace->pans->for(self::mostInThePan($derivative, $taken->volume(), $workplace)),
            $workplace,
        );
        $working = new Working($workplace->place($deriving->pan));
        [$now, $done, $stands, $ladle] = [InThePan::empty(), [], null, $derivative->actsBeforeLadle()];
        foreach ($derivative->procedure->acts as $at => $act) {
            if ($at === $ladle) {
                $now = $now->ladledInto($taken->sauce, $taken->pieces);
                $stands = $now->sauce;
            }
            $done[] = $worked = $working->apply($act, $now, $taken->volume());
            $now = $worked->after;
        }
        $now = $stands === null ? $now->ladledInto($taken->sauce, $taken->pieces) : $now;

        $mayReduce = $mayReduce && $taken->carries->keepBelow === null;

        return $deriving->served($derivative, $stands ?? $now->sauce, $now, $done, $corrects, $mayReduce);
    }

    /**
     * From as much of the parent as gives the volume wanted.
     *
     * @param Stem $stem any amount of the parent
     * @param float|null $litres of the parent, a guess
     *
     * @throws NotReachable if no amount does
     */
    public static function yielding(
        Derivative $derivative,
        Stem $stem,
        Volume $wanted,
        Workplace $workplace,
        ?float $litres = null,
    ): Derived {
        $litres ??= $wanted->inLitres();
        [$pan, $mayReduce] = [null, true];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $derived = self::of($derivative, $stem->taken(Volume::ofLitres($litres)), $workplace, pan: $pan, mayReduce: $mayReduce);
            // Between two pans, or two ways of thickening it, a litre more or less of the base comes to different volumes: one is kept to.
            if ($round >= self::IS_CHOSEN) {
                $pan = $derived->pan;
                $mayReduce = $mayReduce && $derived->correction?->kind !== CorrectionKind::BeurreManie;
            }
            $share = $wanted->cubicMetres / $derived->volume()->cubicMetres;
            if (abs($share - 1.0) <= self::SETTLED) {
                return $derived;
            }
            $litres *= $share;
        }

        throw NotReachable::target('much-of-the-sauce');
    }

    private static function mostInThePan(Derivative $derivative, Volume $taken, Workplace $workplace): Volume
    {
        $millilitres = $taken->inMillilitres();
        foreach ($derivative->doses() as $dose) {
            $millilitres += $dose->mass($taken, $workplace->larder)->inGrams();
        }

        return Volume::ofMillilitres($millilitres);
    }

    /** @param list<Worked> $done */
    private function served(
        Derivative $derivative,
        Sauce $stands,
        InThePan $finished,
        array $done,
        bool $corrects,
        bool $mayReduce,
    ): Derived {
        $pan = $finished;
        $pieces = $pan->pieces();
        $correction = $corrects
            ? Correction::to(
                $derivative->class,
                $pan->sauce,
                $this->stem,
                $this->pan,
                $this->workplace,
                mayReduce: $mayReduce,
            )
            : null;
        $corrected = $correction->sauce ?? $pan->sauce;
        // Served as it is, it never leaves the pot that its base was made in.
        $cling = $derivative->procedure->acts === [] ? 0.0 : Straining::CLING;
        $whole = $corrected->grams() + $pieces->grams();
        $books = new MassBooks(
            Mass::ofGrams($this->stem->sauce->grams() + $this->stem->pieces->grams()),
            Mass::ofGrams($pan->added + max(0.0, $corrected->grams() - $pan->sauce->grams())),
            Mass::ofGrams($pan->steam + max(0.0, $pan->sauce->grams() - $corrected->grams())),
            Mass::ofGrams($pan->strained),
            Mass::ofGrams($cling * $whole),
            Mass::ofGrams((1.0 - $cling) * $whole),
        );

        return new Derived(
            $derivative,
            $this->stem,
            new Work($this->pan, $done, $correction),
            new Yielded(
                $stands,
                1.0 - $cling,
                $pan->sauce,
                $corrected->times(1.0 - $cling),
                $pieces->times(1.0 - $cling),
            ),
            $books,
            $this->workplace->larder,
        );
    }
}
