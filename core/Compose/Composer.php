<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\SaltTime;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Heat\Metal;
use Lento\Numerics\Root;
use Lento\Pot\Pan;
use Lento\Pot\PouringIn;
use Lento\Pot\Simmer;
use Lento\Pot\Straining;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\OvenRoux;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/**
 * Works out flour, fat and starting liquid so that the finished sauce has both the thickness and the volume asked for.
 *
 * Flour follows from the thickness, liquid from the volume; both need to know what the simmer takes away and how far it swells the
 * starch, and the simmer in turn needs to know the sauce. So: guess the simmer, solve for flour, cook that sauce, take its simmer as
 * the next guess. What the simmer does hardly depends on the flour, so this settles in a few rounds.
 * Source: docs/model.md, compose.
 */
final readonly class Composer
{
    /** Shallower than this at the end and a simmer scorches before it cooks. */
    public const SHALLOWEST_MILLIMETRES = 10.0;

    private const MOST_ROUNDS = 60;

    /** ml of espagnole and stock for a ml of demi-glace, to begin with. */
    private const DEMI_GLACE_FROM = 2.0;

    /** Rounds in which the litres go by proportion, which is exact where nothing was added in grams. */
    private const BY_PROPORTION = 4;

    /** Rounds end when flour, liquid and yield are right to this share. */
    private const SETTLED = 3e-7;

    /** Where they do not: share to which one yield is settled by itself; how far to either side its root is looked for first. */
    private const RESTED = 1e-6;

    private const NEAR = 0.2;

    private const SAME_ROUX_FROM = 20;

    /** Share of the yield that no sheet may miss it by. */
    private const MISSED = 1e-3;

    /** A cook counts a roux in halves of a minute. */
    private const HALVES = 2.0;

    /**
     * The first round takes the roux by its colour alone, for nothing is known of its flour; after that it is cooked again, and its pours
     * are reckoned again, only when its flour moved by more than this share, for its minutes are known to a third at best.
     */
    private const SAME_ROUX = 5e-3;

    /**
     * @throws OutOfRange if the pan is too wide to simmer so little, what is given makes less than 0.1 or more than 200 l, or a white
     *     roux by the clock is white no longer
     * @throws NotReachable if no amount of this roux gives this thickness, or the simmer boils off more than there is
     * @throws Unknown if the larder lacks the liquid, the fat or a part of the formula
     * @throws NoConvergence never seen; guards the loop
     */
    public function answer(Question $question): Sheet
    {
        if ($question->given->kind === GivenKind::Yield) {
            $this->refuseShallow($question);
        }
        $balance = MassBalance::of($question);
        $draft = Draft::guess($balance);
        [$moved, $sought] = [INF, null];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $next = $this->round($balance, $draft);
            [$last, $sought] = [$sought, LitresFromGiven::of($balance, $next)];
            $litres = $last === null || $round < self::BY_PROPORTION ? $sought->next() : $sought->nextAfter($last);
            $stands = abs($litres - $next->litres) <= self::SETTLED * $litres;
            // A round that moved a tenth of the one before it leaves a tenth of its own move to the next: what is left decides.
            [$before, $moved] = [$moved, $next->movedFrom($draft)];
            if ($round > 0 && $stands && $moved * min(1.0, $moved / $before) <= self::SETTLED) {
                return $this->sheet($balance, $next);
            }
            $balance = $stands ? $balance : $balance->for($balance->question->yielding(Volume::ofLitres($litres)));
            $draft = $next;
        }

        try {
            return $this->bracketed($balance, $draft);
        } catch (NoConvergence $unsettled) {
            // Where more boils off than is left there is nothing to settle: a spoon more or less of liquid is all of the sauce.
            throw $draft->steamedOff() > 1000.0 * $draft->litres
                ? NotReachable::target('sauce-that-outlasts-this-simmer')
                : $unsettled;
        }
    }

    /**
     * Where rounds that move the litres and the sauce at once do not come to rest: the litres by a bracketed root, each settled by itself.
     *
     * @throws NotReachable if no litres use up what is given
     * @throws NoConvergence never seen; guards the loops
     */
    private function bracketed(MassBalance $balance, Draft $draft): Sheet
    {
        $question = $balance->question;
        $at = fn(float $litres): MassBalance => $balance->for($question->yielding(Volume::ofLitres($litres)));
        $over = fn(float $litres): float => LitresFromGiven::of($at($litres), $this->rested($at($litres), $draft))->over();
        $litres = in_array($question->given->kind, [GivenKind::Yield, GivenKind::Portions], true)
            ? $question->yield->inLitres()
            : (new Root(self::RESTED * $draft->litres))->near(
                $over,
                $draft->litres,
                self::NEAR,
                Question::LEAST_LITRES,
                Question::MOST_LITRES,
                'litres-from-what-is-given',
            );

        return $this->sheet($at($litres), $this->rested($at($litres), $draft));
    }

    /**
     * @throws OutOfRange if the pan is too wide to simmer so little, or a roux by the clock is not white any more
     * @throws NotReachable if more boils off than a sauce has
     */
    private function sheet(MassBalance $balance, Draft $settled): Sheet
    {
        $question = $balance->question;
        $this->refuseShallow($question);
        $cookOut = $question->cookOut();
        if ($cookOut !== null && $settled->roux->shade->value > Shade::WHITE_BELOW) {
            $palest = Shade::of(Shade::WHITE_BELOW);
            // A roux that stays white thickens more, so there is less of it, and it is sooner at its colour.
            $flour = $settled->flourGrams * $settled->roux->shade->strength() / $palest->strength();
            $white = RouxOnHob::of($question, $balance->roux($flour))->hob->until($palest);
            $longest = floor(self::HALVES * $white->time->inMinutes()) / self::HALVES;
            throw OutOfRange::between('white-cook-out', $cookOut->inMinutes(), 0.0, $longest, 'min');
        }

        $sheet = Sheet::of($balance->settled($settled->simmered, EquivalentFlour::of($settled->finished)), $settled);
        $wanted = $question->yield->inMillilitres();
        if (abs($sheet->served->millilitres() + $sheet->pieces->inMillilitres() - $wanted) > self::MISSED * $wanted) {
            // Boiled down to what hardly is a liquid any more, no water is left to make up the yield.
            throw NotReachable::target('sauce-that-outlasts-this-simmer');
        }

        return $sheet;
    }

    /** The rounds of one yield until they stand; where two roux take turns by a hair of their flour, the one it has by then. */
    private function rested(MassBalance $balance, Draft $draft): Draft
    {
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $next = $this->round($balance, $draft, cooksRoux: $round < self::SAME_ROUX_FROM);
            if ($next->movedFrom($draft) <= self::RESTED) {
                return $next;
            }
            $draft = $next;
        }

        throw NoConvergence::after(self::MOST_ROUNDS, 'amounts-of-a-sauce');
    }

    /** The least a pan can simmer, so that a message can name it. */
    public static function leastYield(Pan $pan): Volume
    {
        return Volume::ofLitres($pan->holds(Length::ofMillimetres(self::SHALLOWEST_MILLIMETRES))->inLitres() * (1.0 - Straining::CLING));
    }

    private function refuseShallow(Question $question): void
    {
        $least = self::leastYield($question->pan)->inLitres();
        if ($question->yield->inLitres() < $least) {
            throw OutOfRange::between('yield-in-this-pan', $question->yield->inLitres(), $least, Question::MOST_LITRES, 'l');
        }
    }

    private function round(MassBalance $balance, Draft $last, bool $cooksRoux = true): Draft
    {
        $question = $balance->question;
        $simmer = $question->simmer();
        if (!$question->base->hasRoux()) {
            return $this->reduced($balance, $last, $simmer);
        }
        if ($cooksRoux && $last->flourGrams > 0.0 && !$last->roux->standsFor($last->flourGrams, self::SAME_ROUX)) {
            $last = $last->with($this->cooked($question, $balance->roux($last->flourGrams)));
        }
        $perGram = $balance->rouxPerGram($last->roux);
        $flour = $balance->flourFor($last, $perGram);
        $liquid = $balance->liquidFor($last, $flour, $perGram);
        $mixed = $balance->start($flour, $liquid, $perGram);
        $poured = $balance->poured($flour * $perGram->grams(), $liquid, $last->roux, $last->poured, $cooksRoux ? self::SAME_ROUX : INF);
        $start = $balance->comeUp($mixed, $poured);
        [$end, $time] = $question->reduceBy === null
            ? [$simmer->for($start, $question->simmerTime), $question->simmerTime]
            : $simmer->downTo($start, Volume::ofMillilitres((1.0 - $question->reduceBy) * $start->millilitres()));

        return $this->drafted($balance, $last->roux, $poured, $flour, $liquid, [$mixed, $start, $end], $time);
    }

    /**
     * No flour to solve for: boiled down until it is thick enough, or as far or as long as was asked for, with as much liquid as leaves the
     * yield then.
     */
    private function reduced(MassBalance $balance, Draft $last, Simmer $simmer): Draft
    {
        $question = $balance->question;
        $perGram = $balance->rouxPerGram($last->roux);
        $liquid = match (true) {
            $last->liquidGrams <= 0.0 => self::DEMI_GLACE_FROM * $question->yield->inMillilitres(),
            // By the clock it steams the same, however much there is; else it grows with the pot.
            $question->byTheClock => $balance->liquidFor($last, 0.0, $perGram),
            default => $balance->millilitresAfterSimmer($last) / $last->end->millilitres() * $last->liquidGrams,
        };
        $mixed = $balance->start(0.0, $liquid, $perGram);
        $start = $balance->comeUp($mixed, null);
        $goal = EquivalentFlour::straightened($question->thickness->viscosity()->pascalSeconds);
        $solvent = Flow::waterViscosity(EquivalentFlour::CELSIUS);
        $short = fn(Sauce $sauce): float => EquivalentFlour::straightened(
            // As it is served: what finishes it thins or thickens it too.
            Flow::apparent($balance->withFinishes($this->salted($balance, $balance->cooledOff($sauce))[1])->suspension(), 1.0, $solvent),
        ) - $goal;
        if ($question->reduceBy !== null) {
            [$end, $time] = $simmer->downTo($start, Volume::ofMillilitres((1.0 - $question->reduceBy) * $start->millilitres()));
        } else {
            $time = $question->byTheClock
                ? $question->simmerTime
                : $simmer->timeUntil($start, $short, 'thickness-by-boiling-it-down');
            $end = $simmer->for($start, $time);
        }

        return $this->drafted($balance, $last->roux, null, 0.0, $liquid, [$mixed, $start, $end], $time);
    }

    /** @param array{Sauce, Sauce, Sauce} $course when all has met, as it begins to simmer, after that */
    private function drafted(
        MassBalance $balance,
        CookedRoux $roux,
        ?PouringIn $poured,
        float $flour,
        float $liquid,
        array $course,
        Duration $time,
    ): Draft {
        [$mixed, $start, $simmered] = $course;
        $cooled = $balance->cooledOff($simmered);
        [$salt, $end] = $this->salted($balance, $cooled);
        $read = $balance->question->method->salt === SaltTime::InTheMiddle ? $balance->salted($simmered, $salt) : $simmered;

        return new Draft(
            $balance->question->yield->inLitres(),
            new Weights($flour, $liquid, $salt, $mixed->waterGrams - $cooled->waterGrams, $mixed->alcoholGrams - $cooled->alcoholGrams),
            $roux,
            new Stages($start, $read, $end, $balance->withFinishes($end)),
            $time,
            $poured,
        );
    }

    /** @return array{float, Sauce} g of salt for the whole pot, and the pot with it; what finishes the sauce is salted along with it */
    private function salted(MassBalance $balance, Sauce $simmered): array
    {
        $salt = $this->saltFor($balance->question->formula->salt, $balance->withFinishes($simmered));

        return [$salt, $balance->salted($simmered, $salt)];
    }

    /** The roux when it has its colour; where this pan never gives it, colour alone decides and the paste counts as dry. */
    private function cooked(Question $question, Roux $roux): CookedRoux
    {
        $shade = $question->shade();
        try {
            return $question->inOven()
                ? CookedRoux::after(
                    $roux,
                    OvenRoux::inPan(
                        $roux,
                        $question->pan->diameter,
                        $question->pan->mass(),
                        $question->oven,
                        Metal::Steel,
                        $question->kitchen->browning->value,
                    )->takeOutFor($shade, Temperature::ofCelsius($question->school->rouxCelsius())),
                    $shade,
                )
                : $this->onHob($question, $roux, $shade);
        } catch (NotReachable) {
            return CookedRoux::byColourAlone($shade, $roux->flour->inGrams());
        }
    }

    /** @throws NotReachable if this heat never gives the colour */
    private function onHob(Question $question, Roux $roux, Shade $shade): CookedRoux
    {
        $onHob = RouxOnHob::of($question, $roux);
        $hob = $onHob->hob;
        $time = $question->cookOut();
        $state = match (true) {
            $time !== null => $hob->after($time),
            $question->letsDown() => $hob->liftFor($shade, Temperature::ofCelsius($question->school->rouxCelsius())),
            default => $hob->until($shade),
        };

        return CookedRoux::after($roux, $state, $time === null ? $shade : $state->shade, $onHob->browned?->time);
    }

    /** @return float g of salt that bring the pot to the house's share; none where the liquid has brought it already */
    private function saltFor(float $share, Sauce $sauce): float
    {
        return max(0.0, ($share * $sauce->grams() - $sauce->saltGrams) / (1.0 - $share));
    }
}
