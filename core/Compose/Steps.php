<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\Stirring;
use Lento\Heat\HobHeat;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Bounds;
use Lento\Plan\Conditions;
use Lento\Plan\Effect;
use Lento\Plan\Ends;
use Lento\Plan\Measured;
use Lento\Plan\Pace;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\StepOfAct;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Pot\ComingUp;
use Lento\Pot\PouringIn;
use Lento\Pot\TimeToBoil;
use Lento\Pour\Pour;
use Lento\Pour\PourStair;
use Lento\Pour\School;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\HandTime;
use Lento\Procedure\Vessel;
use Lento\Procedure\Worked;
use Lento\Quantity\Density;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Roux\RouxCooling;
use Lento\Thickness\Sauce;

/**
 * The work of one pot in its order: each act of the procedure with its own amounts, minutes, limits and what it does to the sauce, and
 * between them what no procedure names: setting out, the test, the pass.
 */
final readonly class Steps
{
    /** min, by custom of the trade. */
    private const SET_OUT = 5.0;

    private const TEST = 1.0;

    private const SEASON = 1.0;

    public const SKIM = 2.0;

    /**
     * min between two stirs of a simmer that does not catch, that might, that does, that does at once: an estimate from the trade's "every
     * few minutes".
     */
    private const STIR_EVERY = [5.0, 3.0, 2.0, 1.0];

    private const SKIM_EVERY = 10.0;

    /** s: a call sooner than this is none. */
    private const SHORTEST_VISIT = 10.0;

    /** Shares of a step's time at which it is worth a look, or a baked roux is stirred through. */
    private const LOOK_AFTER = 0.67;

    private const LOOK_AT_COLOUR_AFTER = 0.75;

    private const TURN_EVERY = 0.34;

    /** min: shorter steps are watched anyway. */
    private const WORTH_A_LOOK = 10.0;

    /** A simmer that wants a visit as often as this, in min, is not left alone. */
    private const NOT_ALONE = 2.0;

    /** °C of the kitchen's liquids before they are brought together cold. */
    public const COLD = 8.0;

    private const BOILS = 98.0;

    /** Where the forecast gives no minutes for a colour. */
    private const UNKNOWN_COLOUR_MINUTES = 20.0;

    private const UNKNOWN_BOIL_MINUTES = 60.0;

    private const UNKNOWN_MELT_MINUTES = 4.0;

    /** g/ml of the paste: 0.91 of melted fat and 1.45 of flour grain, half and half by mass. */
    private const ROUX_DENSITY = 1.12;

    private Question $question;

    private Additions $additions;

    /** @param array<int, Worked> $finished the acts that finish the sauce, by their place */
    private function __construct(
        private MassBalance $balance,
        private Draft $draft,
        private PourStair $stair,
        private Outlook $outlook,
        private array $finished,
        private WeighOut $weighed,
    ) {
        $this->question = $balance->question;
        $this->additions = $balance->additions;
    }

    /**
     * @param array<int, Worked> $finished the acts that finish the sauce, by their place
     * @param float $kept share of what has simmered that is left for them
     *
     * @return non-empty-list<Step>
     */
    public static function for(
        MassBalance $balance,
        Draft $draft,
        PourStair $stair,
        Outlook $outlook,
        array $finished,
        float $kept,
    ): array {
        $steps = (new self($balance, $draft, $stair, $outlook, $finished, WeighOut::of($balance, $draft)))->steps();
        $leaves = self::leavesPot($steps);

        return Step::numbered(array_map(
            static fn(Step $step, int $at): Step => $at === $leaves
                ? $step->changing(Effect::keeping(max(0.0, min(1.0, $kept)), $step->effect->joins))
                : $step,
            $steps,
            array_keys($steps),
        ));
    }

    /** A pour in the jug; a piece of roux in its own volume, butter and flour pressed together. */
    public static function pourVolume(Pour $pour, School $school, Mass $liquid, Volume $measured): Volume
    {
        $density = $school === School::RouxIntoBoiling
            ? Density::ofGramsPerMillilitre(self::ROUX_DENSITY)
            : Density::ofGramsPerMillilitre($liquid->inGrams() / $measured->inMillilitres());

        return $density->volumeOf($pour->mass);
    }

    /** @return non-empty-list<Step> */
    private function steps(): array
    {
        $simmer = Additions::simmer($this->question->procedure);
        $steps = [];
        foreach ($this->question->procedure->acts as $at => $act) {
            $steps = [...$steps, ...$this->act($act, $at)];
            if ($at === $simmer) {
                $steps = [...$steps, $this->moment(StepKind::Test, self::TEST)->in($this->simmering()), $this->correct()];
            }
        }

        return [
            $this->moment(StepKind::SetOut, HandTime::settingOut(self::SET_OUT, $this->draft->end->volume())->inMinutes())
                ->in(Conditions::in(Vessel::Bench, at: $this->setOutAt()))
                ->doing(ActKind::Prepare),
            ...$steps,
            ...$this->tastedAgain(),
            Step::of(StepKind::Keep, Pace::moment())->doing(ActKind::Hold),
            Step::of(StepKind::Finish, Pace::moment()),
        ];
    }

    /** @return list<Step> one for most acts, two for a roux whose flour goes in before its colour, none for one that is not needed */
    private function act(Act $act, int $at): array
    {
        $ready = $this->question->given->kind === GivenKind::ReadyRoux;

        return match ($act->kind) {
            ActKind::Melt, ActKind::BrownButter => $ready ? [] : [$this->melted($act)],
            ActKind::Colour, ActKind::Bake => $ready ? [] : $this->coloured($act),
            ActKind::LetDown => $ready ? [] : $this->letDown(),
            ActKind::Pour => [$this->poured($act)],
            ActKind::Warm => [$this->warmed($act)],
            ActKind::Boil => [$this->boiled()],
            ActKind::Skim => [
                $this->moment(StepKind::Skim, HandTime::skimming(self::SKIM, $this->draft->start->volume())->inMinutes())
                    ->in($this->simmering())
                    ->doing(ActKind::Skim),
            ],
            ActKind::Simmer, ActKind::Reduce => $at === Additions::simmer($this->question->procedure)
                ? [$this->simmered($act)]
                : [$this->worked($act, $at)],
            ActKind::Season => [$this->seasoned($act, $at)],
            default => [$this->worked($act, $at)],
        };
    }

    private function worked(Act $act, int $at): Step
    {
        $worked = $this->finished[$at] ?? $this->additions->worked[$at];
        $step = StepOfAct::of($worked, $this->when($act, $at));
        // What joins before all of it stands in the pot joins for good; what joins later was reckoned in from the start.
        if ($at < ($this->question->procedure->first(ActKind::Boil) ?? 0)) {
            $joins = $this->additions->joined[$at];
            $step = abs($joins->grams()) > 1e-9 ? $step->changing(Effect::joining($joins)) : $step;
        }
        if ($act->kind->clears()) {
            return $step->at(Pace::of(HandTime::clearing($act, $this->draft->end->volume()), handsOn: true, timed: false));
        }
        if ($act->kind === ActKind::Infuse || $act->kind === ActKind::Simmer) {
            $until = $act->to ?? Temperature::ofCelsius(self::BOILS);

            return $step->at(Pace::of(
                Duration::ofSeconds($worked->time->seconds + $this->liquidTo($until)->seconds),
                handsOn: false,
                timed: true,
            ));
        }
        if (!isset($this->finished[$at])) {
            return $step;
        }
        $joins = Sauce::nothing();
        foreach ($worked->finishings as $finishing) {
            $joins = $joins->plus($finishing->alone());
        }

        return $joins->grams() > 0.0 ? $step->changing(Effect::joining($joins)) : $step;
    }

    /** At which part of the work the doses of an act are used. */
    private function when(Act $act, int $at): When
    {
        $acts = $this->question->procedure;
        $pour = $acts->first(ActKind::Pour) ?? 0;

        return match (true) {
            isset($this->finished[$at]) => $act->kind === ActKind::Season ? When::Season : When::Finish,
            $act->kind === ActKind::Season => When::Season,
            $act->kind === ActKind::Infuse => When::Infuse,
            in_array($act->vessel, [Vessel::SecondPan, Vessel::StockPot, Vessel::Bench], true) => When::Apart,
            $at < $pour => When::Roux,
            default => When::Simmer,
        };
    }

    private function simmering(): Conditions
    {
        return Conditions::in(Vessel::Pan, $this->question->simmerLevel);
    }

    private function correct(): Step
    {
        return Step::of(StepKind::Correct, Pace::moment())->in($this->simmering());
    }

    private function moment(StepKind $kind, float $minutes, string $words = ''): Step
    {
        return Step::of($kind, Pace::of(Duration::ofMinutes($minutes), handsOn: true, timed: false), $words);
    }

    private function melted(Act $act): Step
    {
        $roux = $this->draft->roux;
        $melting = ($this->question->inOven() ? null : $roux->forecast?->melting) ?? Duration::ofMinutes(self::UNKNOWN_MELT_MINUTES);
        $browning = $act->kind === ActKind::BrownButter ? $roux->browning : null;
        $kind = $browning === null ? StepKind::Melt : StepKind::BrownButter;

        return Step::of($kind, Pace::of($browning ?? $melting, handsOn: true, timed: true), $act->words)
            ->in(Conditions::in($act->vessel))
            ->doing($browning === null ? ActKind::Melt : ActKind::BrownButter)
            ->using($this->weighed->fat);
    }

    /** @return list<Step> */
    private function coloured(Act $act): array
    {
        $flour = $this->question->method->flour->time()->inMinutes();
        $forecast = $this->draft->roux->forecast;
        $colour = max(0.0, $act->least->inMinutes(), $forecast?->time->inMinutes() ?? self::UNKNOWN_COLOUR_MINUTES);
        $colour = max(0.0, $colour - $flour);
        $baked = $act->kind === ActKind::Bake;
        $kind = $baked ? TendingKind::Turn : TendingKind::Look;
        $every = Duration::ofMinutes(($baked ? self::TURN_EVERY : self::LOOK_AT_COLOUR_AFTER) * $colour);
        $pace = Pace::of(
            Duration::ofMinutes($colour),
            handsOn: !$baked,
            timed: true,
            tendings: $every->seconds < self::SHORTEST_VISIT ? [] : [new Tending($kind, $every)],
            band: $baked ? null : $this->outlook->rouxMinutes?->scaledTo($colour),
        );
        $vessel = $baked ? Vessel::Oven : $act->vessel;

        return [
            Step::of(StepKind::Flour, Pace::of(Duration::ofMinutes($flour), handsOn: true, timed: false), $act->words)
                ->in(Conditions::in($baked ? Vessel::Pan : $act->vessel))
                ->doing($act->kind)
                ->using($this->weighed->flour),
            Step::of($baked ? StepKind::Bake : StepKind::Colour, $pace, $act->words)
                ->in(Conditions::in($vessel, at: $baked ? $this->question->oven : null))
                ->until(Ends::atColour($this->question->colour))
                ->doing($act->kind),
        ];
    }

    /** @return list<Step> off the heat until the first splash only hisses; a white roux is mild enough as it is */
    private function letDown(): array
    {
        $forecast = $this->draft->roux->forecast;
        if ($forecast === null || !$this->question->letsDown() || $forecast->temperature->kelvin <= $this->stair->roux->kelvin + 1.0) {
            return [];
        }
        $roux = Mass::ofGrams($this->draft->flourGrams * (1.0 + $this->question->fatToFlour));
        $time = RouxCooling::of($roux, $this->question->pan->mass(), $this->question->pan->diameter)->time(
            $forecast->temperature,
            $this->stair->roux,
        );
        $cooled = in_array($this->question->school, [School::HotOnCold, School::RouxIntoBoiling], true);

        return [
            Step::of(StepKind::LetDown, Pace::of($time, handsOn: false, timed: true), $cooled ? 'cooled' : '')
                ->until(Ends::atTemperature($this->stair->roux))
                ->doing(ActKind::LetDown),
        ];
    }

    /** Stock that is jelly when cold, milk that goes in warm; for a reduction, base and stock brought together. */
    private function warmed(Act $act): Step
    {
        $together = $act->words === 'together';
        $to = $together ? $act->to ?? $this->stair->liquid : $this->stair->liquid;
        $time = $this->liquidTo($to);
        $step = Step::of(
            $together ? StepKind::Combine : StepKind::Warm,
            Pace::of($time, handsOn: $together, timed: !$together),
            $act->words,
        );

        return $step
            ->in(Conditions::in($act->vessel, at: $to))
            ->until(Ends::atTemperature($to))
            ->doing(ActKind::Warm)
            ->using($together ? $this->weighed->liquids : []);
    }

    /** What is warmed or infused by an act of its own is set out cold. */
    private function setOutAt(): Temperature
    {
        $warmed = array_filter($this->question->procedure->acts, static fn(Act $act): bool => $act->kind === ActKind::Infuse
            || $act->kind === ActKind::Warm);

        return $warmed === [] ? $this->stair->liquid : Temperature::ofCelsius(self::COLD);
    }

    /** How long all the liquid takes from cold to this, in a pan like the sauce's own. */
    private function liquidTo(Temperature $to): Duration
    {
        $heat = $this->balance->liquid->kind->heatCapacity() * $this->draft->liquidGrams;

        return (new TimeToBoil($this->question->pan, HobHeat::MediumHigh->flux()))->from(
            Temperature::ofCelsius(self::COLD),
            $heat,
            $to->inCelsius(),
        ) ?? Duration::ofMinutes(self::UNKNOWN_BOIL_MINUTES);
    }

    private function poured(Act $act): Step
    {
        $pours = $this->pours();
        $litres = $this->balance->liquid->kind->density->volumeOf(Mass::ofGrams($this->draft->liquidGrams))->inLitres();
        $time = PouringIn::time(count($pours), $litres);

        return Step::of(StepKind::Pour, Pace::of($time, handsOn: true, timed: false), $act->words)
            ->in(Conditions::in($act->vessel, at: $this->stair->liquid))
            ->doing(ActKind::Pour)
            ->using([...$this->weighed->readyRoux, ...$this->weighed->liquids])
            ->ticking($pours);
    }

    /** @return list<Addition> */
    private function pours(): array
    {
        $pieces = $this->question->school === School::RouxIntoBoiling;
        $liquid = Mass::ofGrams($this->draft->liquidGrams);
        $measured = $this->balance->liquid->kind->density->volumeOf($liquid);

        return array_map(
            fn(Pour $pour, int $i): Addition => Addition::of(
                'pour-' . ($i + 1),
                new Amount(
                    $pieces ? 'roux' : $this->question->liquid,
                    $pour->mass,
                    new Measured(self::pourVolume($pour, $this->question->school, $liquid, $measured), byTheJug: !$pieces),
                    When::Pour,
                ),
                lands: $pour->mixed,
                slack: $pour->slack,
            ),
            $this->stair->pours,
            array_keys($this->stair->pours),
        );
    }

    private function boiled(): Step
    {
        $pours = $this->stair->pours;
        $from = match (true) {
            !$this->question->base->hasRoux() => Temperature::ofCelsius(self::COLD),
            $pours === [] => $this->stair->liquid,
            default => $pours[count($pours) - 1]->mixed,
        };
        $time = (new TimeToBoil($this->question->pan, ComingUp::flux($this->draft->start)))->from(
            $from,
            $this->draft->start->heatCapacity(),
        );
        $pace = Pace::of($time ?? Duration::ofMinutes(self::UNKNOWN_BOIL_MINUTES), handsOn: true, timed: true);

        return Step::of(StepKind::Boil, $pace)->doing(ActKind::Boil);
    }

    /** By the clock it simmers; down to a level it is reduced. Both want their visits. */
    private function simmered(Act $act): Step
    {
        $reduces = $this->question->reduceBy !== null || !$this->question->base->hasRoux();
        $time = $this->question->simmerTime;
        $minutes = $time->inMinutes();
        $constantly = $this->question->method->stirring === Stirring::Constantly;
        $stir = self::STIR_EVERY[(int) array_search($this->outlook->scorching, Risk::cases(), true)];
        $tendings = [
            ...$constantly ? [] : [new Tending(TendingKind::Stir, Duration::ofMinutes($stir))],
            ...$this->draft->end->dairy() > 0.0 || $minutes < 2.0 * self::SKIM_EVERY
                ? []
                : [new Tending(TendingKind::Skim, Duration::ofMinutes(self::SKIM_EVERY))],
            ...$minutes < self::WORTH_A_LOOK ? [] : [new Tending(TendingKind::Look, Duration::ofMinutes(self::LOOK_AFTER * $minutes))],
        ];
        $step = Step::of(
            $reduces ? StepKind::Reduce : StepKind::Simmer,
            Pace::of($time, $constantly || $stir <= self::NOT_ALONE, timed: true, tendings: $tendings),
            $act->words,
        );

        return $step
            ->in($this->simmering())
            ->until(
                Ends::atLevel(
                    $this->draft->read->volume(),
                    $this->question->pan->depth($this->draft->read->volume()),
                    $this->question->reduceBy,
                ),
            )
            ->doing($reduces ? ActKind::Reduce : ActKind::Simmer);
    }

    private function seasoned(Act $act, int $at): Step
    {
        $worked = $this->finished[$at] ?? $this->additions->worked[$at] ?? null;
        $salt = $this->weighed->salt;
        $step = Step::of(
            StepKind::Season,
            Pace::of(Duration::ofMinutes(self::SEASON), handsOn: true, timed: false),
            $act->words,
        )
            ->doing(ActKind::Season)
            ->using([...$salt, ...StepOfAct::amounts($worked->doses ?? [], When::Season)])
            ->ticking(StepOfAct::helpings($salt));
        $salted = $salt === []
            ? $step
            : $step->changing(
                Effect::joining(Sauce::nothing()->with($this->question->larder->ingredient('salt'), $salt[0]->mass)),
            );

        return isset($this->finished[$at]) ? $salted->in(
            Conditions::in(Vessel::Pan, bounds: Bounds::none()),
        ) : $salted->in($this->simmering());
    }

    /** @return list<Step> after what goes in last, where the salt was in before: cheese brings salt, cream thins it */
    private function tastedAgain(): array
    {
        $season = $this->question->procedure->last(ActKind::Season);
        if ($season === null) {
            return [];
        }
        foreach ($this->finished as $at => $worked) {
            if ($at > $season && $worked->doses !== []) {
                return [$this->moment(StepKind::Season, self::SEASON, 'again')->doing(ActKind::Season)];
            }
        }

        return [];
    }

    /**
     * Which step takes the sauce out of its pot: what clings to it and the strainer stays behind.
     *
     * @param non-empty-list<Step> $steps
     */
    private static function leavesPot(array $steps): int
    {
        [$leaves, $simmered] = [null, false];
        foreach ($steps as $i => $step) {
            $simmered = $simmered || in_array($step->kind, [StepKind::Simmer, StepKind::Reduce], true);
            if ($simmered && in_array($step->kind, [StepKind::Strain, StepKind::Blend], true)) {
                return $i;
            }
            if ($simmered && in_array($step->kind, [StepKind::Enrich, StepKind::StirIn, StepKind::Keep], true)) {
                $leaves ??= $i;
            }
        }

        return $leaves ?? count($steps) - 1;
    }
}
