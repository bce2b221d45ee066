<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Heat\HobHeat;
use Lento\Plan\Amount;
use Lento\Plan\Pace;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Pot\Straining;
use Lento\Pot\TimeToBoil;
use Lento\Pour\PourStair;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Roux\RouxCooling;
use Lento\Thickness\Sauce;

/** The order of the work for one pot. */
final readonly class Steps
{
    /** min, by custom of the trade. */
    private const SET_OUT = 5.0;

    private const INFUSE = 20.0;

    private const BROWN_PASTE = 3.0;

    private const ONE_POUR = 1.0;

    private const TEST = 1.0;

    private const SEASON = 1.0;

    private const BLEND = 4.0;

    private const STIR_IN_ONE = 1.0;

    /**
     * min between two stirs of a simmer that does not catch, that might, that does, that does at once: an estimate from the trade's "every
     * few minutes".
     */
    private const STIR_EVERY = [5.0, 3.0, 2.0, 1.0];

    private const SKIM_EVERY = 10.0;

    private const STIR_APART_EVERY = 3.0;

    /** Shares of a step's time at which it is worth a look, or a baked roux is stirred through. */
    private const LOOK_AFTER = 0.67;

    private const LOOK_AT_COLOUR_AFTER = 0.75;

    private const TURN_EVERY = 0.34;

    /** min: shorter steps are watched anyway. */
    private const WORTH_A_LOOK = 10.0;

    /** °C of the kitchen's liquids before they are brought together cold. */
    private const COLD = 8.0;

    /** Where the forecast gives no minutes for a colour. */
    private const UNKNOWN_COLOUR_MINUTES = 20.0;

    private const UNKNOWN_BOIL_MINUTES = 60.0;

    private const UNKNOWN_MELT_MINUTES = 4.0;

    private function __construct(
        private Question $question,
        private Draft $draft,
        private PourStair $stair,
        private Additions $additions,
        private Risk $scorching,
    ) {}

    /**
     * @param Risk $scorching of the simmer, which says how often it is stirred
     *
     * @return non-empty-list<Step>
     */
    public static function for(Question $question, Draft $draft, PourStair $stair, Additions $additions, Risk $scorching): array
    {
        return (new self($question, $draft, $stair, $additions, $scorching))->steps();
    }

    /** @return non-empty-list<Step> */
    private function steps(): array
    {
        $middle = $this->question->method->salt === SaltTime::InTheMiddle;
        $season = self::step(StepKind::Season, self::SEASON, handsOn: true, timed: false);

        return Step::numbered([
            self::step(StepKind::SetOut, self::SET_OUT, handsOn: true, timed: false),
            ...$this->uses(When::Infuse) ? [self::step(StepKind::Infuse, self::INFUSE, handsOn: false, timed: true)] : [],
            ...$this->uses(When::Apart)
                ? [
                    self::step(
                        StepKind::CookApart,
                        $this->vegetableMinutes(When::Apart),
                        handsOn: false,
                        timed: true,
                        tendings: [TendingKind::Stir->value => self::STIR_APART_EVERY],
                    ),
                ]
                : [],
            ...$this->rouxAndLiquid(),
            self::step(StepKind::Boil, $this->boilMinutes($this->draft->start), handsOn: true, timed: true),
            ...$middle ? [$season] : [],
            $this->simmer(),
            self::step(StepKind::Test, self::TEST, handsOn: true, timed: false),
            self::step(StepKind::Correct, 0.0, handsOn: true, timed: false),
            ...$middle ? [] : [$season],
            ...match ($this->question->method->strain) {
                StrainWay::LeftIn => [],
                StrainWay::Blended => [self::step(StepKind::Blend, self::BLEND, handsOn: true, timed: false)],
                default => [self::step(StepKind::Strain, Straining::MINUTES, handsOn: true, timed: false)],
            },
            ...$this->enrich(),
            Step::of(StepKind::Keep, Pace::moment()),
            Step::of(StepKind::Finish, Pace::moment()),
        ]);
    }

    /** @param array<string, float> $tendings min between two visits of a kind */
    private static function step(StepKind $kind, float $minutes, bool $handsOn, bool $timed, array $tendings = []): Step
    {
        $visits = array_map(
            static fn(string $visit, float $every): Tending => new Tending(TendingKind::from($visit), Duration::ofMinutes($every)),
            array_keys($tendings),
            $tendings,
        );

        return Step::of($kind, Pace::of(Duration::ofMinutes($minutes), $handsOn, $timed, $visits));
    }

    /** By the clock it simmers; down to a level it is reduced. Both want their visits. */
    private function simmer(): Step
    {
        $reduces = $this->question->reduceBy !== null || !$this->question->base->hasRoux();
        $minutes = $this->question->simmerTime->inMinutes();
        $constantly = $this->question->method->stirring === Stirring::Constantly;

        return self::step(
            $reduces ? StepKind::Reduce : StepKind::Simmer,
            $minutes,
            $constantly,
            timed: true,
            tendings: [
                ...$constantly
                    ? []
                    : [TendingKind::Stir->value => self::STIR_EVERY[(int) array_search($this->scorching, Risk::cases(), true)]],
                ...$this->draft->end->dairy() > 0.0 || $minutes < 2.0 * self::SKIM_EVERY
                    ? []
                    : [TendingKind::Skim->value => self::SKIM_EVERY],
                ...$minutes < self::WORTH_A_LOOK ? [] : [TendingKind::Look->value => self::LOOK_AFTER * $minutes],
            ],
        );
    }

    /** @return list<Step> each finish is ticked off by itself, for each has its own limit */
    private function enrich(): array
    {
        $count = count($this->additions->finishes);

        return $count === 0 ? [] : [self::step(StepKind::Enrich, self::STIR_IN_ONE * $count, handsOn: true, timed: false)];
    }

    /** @return list<Step> */
    private function rouxAndLiquid(): array
    {
        if (!$this->question->base->hasRoux()) {
            return [self::step(StepKind::Combine, 2.0 * self::ONE_POUR, handsOn: true, timed: false)];
        }
        $pours = count($this->stair->pours);

        return [
            ...$this->question->given->kind === GivenKind::ReadyRoux ? $this->beforeFlour() : $this->roux(),
            self::step(StepKind::Pour, self::ONE_POUR * $pours, handsOn: true, timed: false),
        ];
    }

    /** @return list<Step> */
    private function roux(): array
    {
        $forecast = $this->draft->roux->forecast;
        $browning = $this->draft->roux->browning;
        $flour = $this->question->method->flour->time()->inMinutes();
        $melting = ($this->question->inOven() ? null : $forecast?->melting->inMinutes()) ?? self::UNKNOWN_MELT_MINUTES;
        $colour = max(0.0, ($forecast?->time->inMinutes() ?? self::UNKNOWN_COLOUR_MINUTES) - $flour);

        return [
            $browning === null
                ? self::step(StepKind::Melt, $melting, handsOn: true, timed: true)
                : self::step(StepKind::BrownButter, $browning->inMinutes(), handsOn: true, timed: true),
            ...$this->beforeFlour(),
            self::step(StepKind::Flour, $flour, handsOn: true, timed: false),
            $this->question->inOven()
                ? self::step(
                    StepKind::Bake,
                    $colour,
                    handsOn: false,
                    timed: true,
                    tendings: [TendingKind::Turn->value => self::TURN_EVERY * $colour],
                )
                : self::step(
                    StepKind::Colour,
                    $colour,
                    handsOn: true,
                    timed: true,
                    tendings: [TendingKind::Look->value => self::LOOK_AT_COLOUR_AFTER * $colour],
                ),
            ...$this->letDown(),
        ];
    }

    /** @return list<Step> what cooks in the fat before the flour: vegetables, tomato paste, wine */
    private function beforeFlour(): array
    {
        $parts = array_filter(
            Additions::parts($this->question->formula, $this->question->method),
            static fn(Part $part): bool => $part->when === When::Roux,
        );
        $has = static fn(Treatment ...$treatments): bool => array_filter(
            $parts,
            static fn(Part $part): bool => in_array($part->treatment, $treatments, true),
        ) !== [];
        $minutes = $this->vegetableMinutes(When::Roux);

        return [
            ...$has(Treatment::Browned, Treatment::LongBrowned, Treatment::DicedBack)
                ? [self::step(StepKind::BrownVegetables, $minutes, handsOn: true, timed: true)]
                : ($has(Treatment::Sweated, Treatment::Rendered)
                    ? [self::step(StepKind::Sweat, $minutes, handsOn: true, timed: true)]
                    : []),
            ...$has(Treatment::StirredIn) ? [self::step(StepKind::BrownPaste, self::BROWN_PASTE, handsOn: true, timed: true)] : [],
            ...$has(Treatment::Reduced)
                ? [self::step(StepKind::ReduceWine, Treatment::Reduced->time()->inMinutes(), handsOn: true, timed: true)]
                : [],
        ];
    }

    private function vegetableMinutes(When $when): float
    {
        return max([
            0.0,
            ...array_map(
                static fn(Part $part): float => $part->when === $when && $part->treatment !== Treatment::Reduced
                    ? $part->treatment->time()->inMinutes()
                    : 0.0,
                Additions::parts($this->question->formula, $this->question->method),
            ),
        ]);
    }

    private function uses(When $when): bool
    {
        return array_filter($this->additions->amounts, static fn(Amount $amount): bool => $amount->when === $when) !== [];
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

        return [Step::of(StepKind::LetDown, Pace::of($time, handsOn: false, timed: true))];
    }

    private function boilMinutes(Sauce $start): float
    {
        $pours = $this->stair->pours;
        $from = match (true) {
            !$this->question->base->hasRoux() => Temperature::ofCelsius(self::COLD),
            $pours === [] => $this->stair->liquid,
            default => $pours[count($pours) - 1]->mixed,
        };
        $time = (new TimeToBoil($this->question->pan, HobHeat::MediumHigh->flux()))->from($from, $start->heatCapacity());

        return $time?->inMinutes() ?? self::UNKNOWN_BOIL_MINUTES;
    }
}
