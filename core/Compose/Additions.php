<?php

declare(strict_types=1);

namespace Lento\Compose;

use Closure;
use Lento\Exception\NotReachable;
use Lento\Finish\Finishing;
use Lento\Larder\Fat;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dosed;
use Lento\Procedure\Fate;
use Lento\Procedure\InThePan;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;
use Lento\Procedure\Worked;
use Lento\Procedure\Working;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * The acts of a question's procedure done on paper, but for the roux, its pours and the simmer, which are solved: what joins the sauce,
 * what stays in it or in the strainer, what finishes it.
 *
 * A vegetable that is strained out holds back 0.35 g of sauce per gram of raw vegetable. Left in, it adds the room it takes; blended or
 * rubbed through, it becomes sauce. Source: the house procedures, docs/sauces.md.
 */
final readonly class Additions
{
    /** Share of the yield that can be finishes and pieces. */
    private const MOST_ADDED = 0.8;

    /**
     * @param array<int, Worked> $worked those before the sauce is finished, by the place of their act
     * @param array<int, Sauce> $joined what each of these brings into the sauce
     * @param array<int, Act> $last those that finish it
     * @param Mass $strained raw vegetables that the strainer keeps
     * @param Volume $pieces room that pieces take which stay in
     * @param Sauce $joining what becomes sauce before that
     * @param Sauce $finishing what finishes it, all of it together
     * @param int $stirredAfterBoil things stirred in between the boil and the simmer
     * @param int $stirredAfterSimmer things stirred in after it, and the spoon that is read
     */
    private function __construct(
        private Working $working,
        private Volume $yield,
        public array $worked,
        public array $joined,
        public array $last,
        public Mass $strained,
        public Volume $pieces,
        public Sauce $joining,
        public Sauce $finishing,
        public int $stirredAfterBoil,
        public int $stirredAfterSimmer,
    ) {}

    /** @throws NotReachable if what finishes the sauce, or is cut into it, is nearly all of it */
    public static function for(Question $question): self
    {
        $working = new Working($question->place());
        [$acts, $yield] = [$question->procedure->acts, $question->yield];
        [$simmer, $finishesFrom] = [self::simmer($question->procedure), self::finishesFrom($question->procedure)];
        [$in, $raw, $worked, $joined] = [InThePan::empty(), 0.0, [], []];
        foreach (array_slice($acts, 0, $finishesFrom, true) as $at => $act) {
            if ($at === $simmer) {
                continue;
            }
            $raw += $act->kind === ActKind::Strain ? $in->rawInStrainer() : 0.0;
            $worked[$at] = $working->apply($act, $in, $yield);
            $next = $act->kind === ActKind::Strain ? $in->lifted() : $worked[$at]->after;
            $joined[$at] = $next->sauce->plus($in->sauce->times(-1.0));
            $in = $next;
        }
        $last = array_slice($acts, $finishesFrom, null, true);
        [$finishing, $pieces] = [Sauce::nothing(), $in->pieces()];
        foreach ($last as $act) {
            foreach (Dosed::all($act, $yield, $question->larder) as $dosed) {
                [$finishing, $pieces] = self::with($finishing, $pieces, $dosed);
            }
        }
        if ($finishing->millilitres() + $pieces->millilitres() > self::MOST_ADDED * $yield->inMillilitres()) {
            throw NotReachable::target('sauce-that-is-nearly-all-additions');
        }

        return new self(
            $working,
            $yield,
            $worked,
            $joined,
            $last,
            Mass::ofGrams($raw),
            Volume::ofMillilitres($pieces->millilitres()),
            $in->sauce,
            $finishing,
            self::stirred($question->procedure, fn(int $at): bool => $at < ($simmer ?? 0)),
            1 + self::stirred($question->procedure, fn(int $at): bool => $at > ($simmer ?? 0)),
        );
    }

    /** @param Closure(int): bool $counts whether the act at this place does */
    private static function stirred(Procedure $procedure, Closure $counts): int
    {
        [$things, $boiled] = [0, false];
        foreach ($procedure->acts as $at => $act) {
            $boiled = $boiled || $act->kind === ActKind::Boil;
            $isSalted = $act->kind === ActKind::Season ? 1 : 0;
            $things += $boiled && $act->vessel === Vessel::Pan && $counts($at) ? count($act->doses) + $isSalted : 0;
        }

        return $things;
    }

    /**
     * The acts that finish a sauce, done to it one after the other.
     *
     * @return array<int, Worked> by the place of their act
     */
    public function finish(Sauce $sauce): array
    {
        $in = InThePan::empty()->ladledInto($sauce, Sauce::nothing());
        $done = [];
        foreach ($this->last as $at => $act) {
            $done[$at] = $worked = $this->working->apply($act, $in, $this->yield);
            $in = $worked->after;
        }

        return $done;
    }

    /** @return Temperature|null the lowest limit of what finishes such a sauce; null where all of it may boil */
    public function mostFor(Sauce $sauce): ?Temperature
    {
        $most = null;
        foreach ($this->finish($sauce) as $worked) {
            foreach ($worked->finishings as $finishing) {
                $one = $finishing->atMost;
                $most = $one !== null && ($most === null || $one->kelvin < $most->kelvin) ? $one : $most;
            }
        }

        return $most;
    }

    /** @return int|null the place of the simmer that is solved */
    public static function simmer(Procedure $procedure): ?int
    {
        foreach (array_reverse($procedure->acts, true) as $at => $act) {
            if (in_array($act->kind, [ActKind::Simmer, ActKind::Reduce], true)) {
                return $at;
            }
        }

        return null;
    }

    /** @return int from where on the sauce is finished: after the strainer, or after the simmer where there is none */
    private static function finishesFrom(Procedure $procedure): int
    {
        $clears = $procedure->last(ActKind::Strain, ActKind::Blend, ActKind::RubThrough);
        $simmer = self::simmer($procedure) ?? -1;
        $from = $clears !== null && $clears > $simmer ? $clears : $simmer;

        return $from + 1;
    }

    /** @return array{Sauce, Sauce} what finishes the sauce, and the pieces in it */
    private static function with(Sauce $finishing, Sauce $pieces, Dosed $dosed): array
    {
        $kind = $dosed->kind;

        return match (true) {
            $kind === null, $dosed->dose->fate === Fate::Flavours => [$finishing, $pieces],
            $kind instanceof Fat => [$finishing->mounted($kind, $dosed->mass, Mass::ofGrams(0.0)), $pieces],
            $dosed->dose->fate === Fate::Joins => [
                Finishing::stirredIn($finishing, $kind, $dosed->mass, Finishing::usualTemperature($kind)),
                $pieces,
            ],
            default => [$finishing, $pieces->with($kind, $dosed->mass)],
        };
    }
}
