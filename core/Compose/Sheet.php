<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Finish\Finishing;
use Lento\Larder\Allergen;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\When;
use Lento\Pot\Straining;
use Lento\Pour\Lumping;
use Lento\Pour\Pour;
use Lento\Pour\PourStair;
use Lento\Pour\RouxInPan;
use Lento\Pour\Tool;
use Lento\Procedure\Worked;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;

/** The answer to a question: what to weigh, how to pour, how long, how deep, how thick it will be. */
final readonly class Sheet
{
    /**
     * @param Mass $cookedRoux what it weighs when it is cooked
     * @param Volume $liquid the starting liquid as measured, cold
     * @param Volume $evaporated how much less stands in the pot after the simmer
     * @param Sauce $start in the pot before the simmer
     * @param Sauce $read in the pot as it ends, when the dip-stick is read
     * @param Sauce $end salted, and as cool as what finishes it wants it
     * @param Sauce $served strained and finished: the yield without what is cut into it
     * @param list<Finishing> $finishes what goes in last, one after the other, with their limits
     * @param Mass $strained raw vegetables that the strainer keeps
     * @param Volume $pieces what vegetables take of the yield that stay in
     * @param list<Warning> $warnings
     * @param array<int, Worked> $finished the acts that finish the sauce, by their place
     */
    private function __construct(
        public Question $question,
        public Roux $roux,
        public Mass $cookedRoux,
        public Shade $shade,
        public ?RouxState $rouxForecast,
        public Volume $liquid,
        public Mass $liquidMass,
        public Volume $evaporated,
        public Sauce $start,
        public Sauce $read,
        public Sauce $end,
        public Sauce $served,
        public array $finishes,
        public Mass $strained,
        public Volume $pieces,
        public EquivalentFlour $thickness,
        public Flow $flow,
        public SpoonTest $spoon,
        public PourStair $stair,
        public Outlook $outlook,
        public array $warnings,
        private MassBalance $balance,
        private Draft $draft,
        private array $finished,
    ) {}

    public static function of(MassBalance $balance, Draft $draft): self
    {
        $question = $balance->question;
        $roux = $balance->roux($draft->flourGrams);
        $liquidKind = $balance->liquid->kind;
        $liquid = Mass::ofGrams($draft->liquidGrams);
        $stair = PourStair::of(
            $question->school,
            RouxInPan::of($roux->mass(), $draft->roux->meetsAt($question), $question->pan->mass()),
            $liquid,
            $liquidKind,
            new Lumping(Tool::Whisk, $question->fatToFlour),
        );
        $evaporated = Volume::ofMillilitres($draft->steamedOff() * $balance->waterMillilitresPerGram);
        $flow = Flow::of($draft->finished, Temperature::ofCelsius(EquivalentFlour::CELSIUS));
        $kept = $draft->end->times(1.0 - Straining::CLING - $balance->heldByStrainer($draft) / $draft->end->millilitres());
        $finished = $balance->additions->finish($kept);
        $finishes = array_merge(...array_map(static fn(Worked $worked): array => $worked->finishings, array_values($finished)));
        $served = $finished === [] ? $kept : $finished[array_key_last($finished)]->after->sauce;
        $outlook = Outlook::of($question, $draft, $stair, $evaporated->inMillilitres());

        return new self(
            $question,
            $roux,
            Mass::ofGrams($balance->cookedRouxGrams($draft->flourGrams, $draft->roux)),
            $draft->roux->shade,
            $draft->roux->forecast,
            $liquidKind->density->volumeOf($liquid),
            $liquid,
            $evaporated,
            $draft->start,
            $draft->read,
            $draft->end,
            $served,
            $finishes,
            $balance->additions->strained,
            $balance->additions->pieces,
            EquivalentFlour::of($draft->finished),
            $flow,
            SpoonTest::of($flow),
            $stair,
            $outlook,
            Warnings::for($question, $roux, $draft, $served, array_values($finished)),
            $balance,
            $draft,
            $finished,
        );
    }

    /**
     * Worked out when somebody reads them: most sheets are only looked at for their numbers.
     *
     * @return non-empty-list<Step>
     */
    public function steps(): array
    {
        $kept = 1.0 - Straining::CLING - $this->balance->heldByStrainer($this->draft) / $this->draft->end->millilitres();

        return Steps::for($this->balance, $this->draft, $this->stair, $this->outlook, $this->finished, $kept);
    }

    /** @return list<Amount> all that the steps use, by the part of the work */
    public function amounts(): array
    {
        $amounts = array_merge(...array_map(static fn(Step $step): array => $step->amounts, $this->steps()));
        $order = array_flip(array_column(When::cases(), 'value'));
        usort($amounts, static fn(Amount $a, Amount $b): int => $order[$a->when->value] <=> $order[$b->when->value]);

        return $amounts;
    }

    /** What is kept of it when its pot is put on. */
    public function plan(): Plan
    {
        return PlanOfSheet::of($this);
    }

    /** @return float % of the brim when all the liquid is in */
    public function fillPercent(): float
    {
        return 100.0 * $this->question->pan->fill($this->start->volume());
    }

    public function startDepth(): Length
    {
        return $this->question->pan->depth($this->start->volume());
    }

    /** Where the dip-stick must read when the simmer is done. */
    public function endDepth(): Length
    {
        return $this->question->pan->depth($this->read->volume());
    }

    /** The liquid the sauce is named by, as measured cold; the whole of it where nothing goes in beside it. */
    public function stock(): Volume
    {
        return Volume::ofCubicMetres($this->liquid->cubicMetres * $this->question->formula->share());
    }

    /** A pour in the jug; a piece of roux in its own volume, butter and flour pressed together. */
    public function pourVolume(Pour $pour): Volume
    {
        return Steps::pourVolume($pour, $this->question->school, $this->liquidMass, $this->liquid);
    }

    /** What floats on all that is served. */
    public function freeFat(): Mass
    {
        return $this->served->freeFat();
    }

    /** @return list<Allergen> each once, in the order of the list */
    public function allergens(): array
    {
        return Allergen::among(...array_map(static fn(Amount $amount): array => $amount->allergens, $this->amounts()));
    }

    /** @return list<Allergen> that something bought may hold, by its label, and nothing certainly does */
    public function readLabel(): array
    {
        return Allergen::besides(
            $this->allergens(),
            ...array_map(static fn(Amount $amount): array => $amount->readLabel, $this->amounts()),
        );
    }
}
