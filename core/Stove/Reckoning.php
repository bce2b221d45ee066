<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Course\Happened\Rescued;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Exception\LentoException;
use Lento\Larder\Larder;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Plan\Cooking;
use Lento\Plan\Effect;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Rescue\RemedyKind;
use Lento\Rescue\Skimming;
use Lento\Rescue\Thickening;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\FunnelTest;
use Lento\Thickness\MeasuredThickness;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\TrailWord;

/**
 * A sauce as it is believed to be: simmered on paper from reading to reading, each of which sets it right.
 *
 * A level or a weight is what is: the sauce goes on from it, and how fast this pot steams is learnt from what was lost since the last one.
 * A test of the thickness moves the belief in the thickener by as much as the test is worth. Errors of readings are estimates.
 */
final readonly class Reckoning
{
    /** mm by which a dip-stick is misread; g and share by which a scale and an uneven floor of vegetables mislead. */
    private const DEPTH_ERROR = 2.0;

    private const WEIGHT_ERROR = 20.0;

    /** Errors by which a level must have risen to be no misreading. */
    private const RISES = 2.0;

    /** Share by which a jug, a strainer and what clings mislead about what was in the pot. */
    private const JUG_ERROR = 0.03;

    /** Of the logarithm: a test of the thickness, and where a word of the spoon test begins. */
    private const TEST_ERROR = 0.06;

    private const WORD_ERROR = 0.08;

    /** Strengths of the thickener between which a word of the spoon test is looked for. */
    private const WEAKEST = 0.2;

    private const STRONGEST = 5.0;

    private const HALVINGS = 14;

    /** For a picture of the first and the last word, which have no other end. */
    private const WELL_BELOW = 0.7;

    private const WELL_ABOVE = 1.2;

    /**
     * @param float $seconds since it came to the boil
     * @param float $anchor ml when its level was last known
     * @param float $added ml since then
     * @param float $error ml by which its level may be off
     * @param Temperature|null $probed by the last probe
     */
    private function __construct(
        public Cooking $plan,
        private Larder $larder,
        public Sauce $sauce,
        public KitchenFactors $kitchen,
        public Factor $strength,
        public SimmerLevel $level,
        public float $seconds,
        private float $anchor,
        private float $added,
        public float $error,
        public ?Temperature $probed,
        /** in the thickener, before anything was tested */
        public Factor $untested,
        /** ml ladled off so far, of what was in the pot */
        public float $ladled = 0.0,
        /** ml by which a level stood higher than anything that is known explains; 0 once something was said to have gone in */
        public float $rose = 0.0,
    ) {}

    /** @param float $spread standard deviation of the logarithm of what its thickener does */
    public static function from(Cooking $plan, Larder $larder, Sauce $sauce, float $spread): self
    {
        $untested = Factor::unknown(max(0.001, $spread));

        return new self(
            $plan,
            $larder,
            $sauce,
            $plan->place->kitchen,
            $untested,
            $plan->ways->level,
            0.0,
            $sauce->millilitres(),
            0.0,
            0.0,
            null,
            $untested,
        );
    }

    /** On to a moment, on the heat it has. */
    public function simmeredUntil(float $seconds): self
    {
        $time = $seconds - $this->seconds;

        return $time <= 0.0 ? $this : $this->but(sauce: $this->simmer()->for($this->sauce, Duration::ofSeconds($time)), seconds: $seconds);
    }

    public function on(SimmerLevel $level): self
    {
        return $this->but(level: $level);
    }

    public function simmer(?SimmerLevel $level = null): Simmer
    {
        return $this->plan->simmer($level ?? $this->level, $this->kitchen->evaporation->value);
    }

    public function temperature(): Temperature
    {
        return $this->probed ?? Temperature::ofCelsius($this->simmer()->celsius());
    }

    public function depth(): Length
    {
        return $this->plan->place->pan->depth($this->sauce->volume());
    }

    public function volume(): Volume
    {
        return $this->sauce->volume();
    }

    /** @param bool $simmered whether steam is what made the difference since the last level */
    public function read(Reading $reading, bool $simmered): self
    {
        return match ($reading->kind) {
            ReadingKind::Temperature => $this->but(probed: $reading->asTemperature()),
            ReadingKind::Depth => $this->levelled(
                $this->plan->place->pan->holds($reading->asLength())->inMillilitres(),
                $this->plan->place->pan->holds(Length::ofMillimetres(self::DEPTH_ERROR))->inMillilitres(),
                $simmered,
            ),
            ReadingKind::Weight => $this->weighed($reading->asMass()->inGrams() - $this->plan->place->pan->mass()->inGrams(), $simmered),
            ReadingKind::Colour => $this,
            default => $this->tested($reading),
        };
    }

    /** This sauce if the spoon showed a word in the middle of its range: what to hold the spoon against. */
    public function showing(SpoonWord $word): Flow
    {
        return Flow::of($this->sauce->strengthened($this->strengthShowing($word)), $this->temperature());
    }

    /** @return float by how much the thickener would have to do more, or less, for the spoon to show a word */
    public function strengthShowing(SpoonWord $word): float
    {
        [$low, $high] = $this->between($word, 1.0);

        return match (true) {
            $low <= 0.0 => self::WELL_BELOW * $high,
            is_infinite($high) => self::WELL_ABOVE * $low,
            default => sqrt($low * $high),
        };
    }

    /** Less by what was ladled off; the same sauce otherwise. */
    public function ladledOff(Volume $taken): self
    {
        $gone = min($taken->inMillilitres(), $this->sauce->millilitres());

        return $this->but(
            sauce: $this->sauce->times(1.0 - $gone / max(1e-9, $this->sauce->millilitres())),
            added: $this->added - $gone,
            ladled: $this->ladled + $gone,
        );
    }

    /** As a jug measured it at the end. */
    public function endedAt(Volume $volume): self
    {
        return $this->levelled($volume->inMillilitres(), self::JUG_ERROR * $volume->inMillilitres(), true);
    }

    /** As warm as it is eaten. */
    public function served(): self
    {
        return $this->but(probed: $this->tasted());
    }

    /** With more of its liquid, hot. What was measured cold is as much sauce as it adds. */
    public function toppedUp(Volume $liquid): self
    {
        return $this->changedTo($this->sauce->plus($this->plan->perGram->times($this->plan->liquid->density->massOf($liquid)->inGrams())));
    }

    /** Poured over into another pan: the same sauce at another depth. */
    public function movedTo(Pan $pan): self
    {
        return $this->but(plan: $this->plan->in($pan));
    }

    /** With something that no step asked for. */
    public function joinedBy(Sauce $more): self
    {
        return $this->changedTo($this->sauce->plus($more));
    }

    /** With so much less of its liquid than was planned. */
    public function without(Volume $liquid): self
    {
        $grams = min(0.9 * $this->sauce->grams(), $this->plan->liquid->density->massOf($liquid)->inGrams());

        return $this->changedTo($this->sauce->plus($this->plan->perGram->times(-$grams)));
    }

    /**
     * With a late thickener, as it was kneaded or stirred.
     *
     * @param Mass $thickener its flour or starch alone
     */
    public function thickened(Means $means, Mass $thickener): self
    {
        return $this->changedTo(
            Thickening::by($thickener, $this->sauce, $means, $this->larder->thickener(self::thickenerOf($means)), $this->larder),
        );
    }

    /** After a step of the plan: what was lost to it, and what has joined. */
    public function after(Effect $effect): self
    {
        return $effect->isNone() ? $this : $this->changedTo($effect->on($this->sauce));
    }

    /** As a remedy leaves it. */
    public function rescued(Rescued $rescued): self
    {
        $share = static fn(float $millilitres, float $of): float => $of > 0.0 ? max(0.0, 1.0 - $millilitres / $of) : 1.0;
        $sauce = $this->sauce;
        $after = match ($rescued->remedy) {
            RemedyKind::Boil => $sauce->boiledThrough(Thickening::SWOLLEN),
            RemedyKind::Skim => Skimming::of($sauce)->sauce,
            RemedyKind::Bind => Thickening::by(
                $rescued->solid ?? Mass::ofGrams(0.0),
                $sauce,
                Means::Slurry,
                $this->larder->thickener('plain-flour'),
                $this->larder,
            ),
            RemedyKind::Sweeten, RemedyKind::Sharpen, RemedyKind::Salt, RemedyKind::Round, RemedyKind::BlendWithAcid => $sauce->with(
                $this->larder->ingredient($rescued->remedy->stirsIn()),
                $rescued->solid ?? Mass::ofGrams(0.0),
            ),
            RemedyKind::WhiskWater => $sauce->with(
                $this->larder->ingredient('water'),
                Mass::ofGrams($rescued->liquid?->inMillilitres() ?? 0.0),
            ),
            RemedyKind::Strain, RemedyKind::Decant, RemedyKind::LadleOff => $rescued->liquid === null
                ? $sauce
                : $sauce->times($share($rescued->liquid->inMillilitres(), $sauce->millilitres())),
            default => null,
        };
        if ($after !== null) {
            return $this->changedTo($after);
        }
        $thins = in_array(
            $rescued->remedy,
            [RemedyKind::Thin, RemedyKind::CoolAndBlend, RemedyKind::Desalt, RemedyKind::Warm, RemedyKind::Stretch],
            true,
        );
        $topped = $rescued->liquid === null || !$thins ? $this : $this->toppedUp($rescued->liquid);

        return $rescued->solid === null || $rescued->means === null ? $topped : $topped->thickened($rescued->means, $rescued->solid);
    }

    /** What a late thickening is made with. */
    public static function thickenerOf(Means $means): string
    {
        return in_array($means, [Means::Slurry, Means::CookedApart], true) ? 'cornflour' : 'plain-flour';
    }

    /** Another sauce by something else than steam. */
    private function changedTo(Sauce $sauce): self
    {
        return $this->but(sauce: $sauce, added: $this->added + $sauce->millilitres() - $this->sauce->millilitres());
    }

    private function weighed(float $grams, bool $simmered): self
    {
        return $grams <= 0.0
            ? $this
            : $this->levelled(($grams * $this->sauce->millilitres()) / $this->sauce->grams(), self::WEIGHT_ERROR, $simmered);
    }

    private function levelled(float $millilitres, float $error, bool $simmered): self
    {
        $here = $this->anchor + $this->added;
        // A level that rises is no lesson in steam: something went in that nobody has told.
        $rose = $millilitres - $here > self::RISES * hypot($error, $this->error) ? $millilitres - $here : 0.0;
        $foreseen = ($here - $this->sauce->millilitres()) / $this->kitchen->evaporation->value;
        $kitchen = $simmered && $foreseen > 0.0 && $rose <= 0.0
            ? $this->kitchen->afterLevels(Mass::ofGrams(max(0.0, $here - $millilitres)), Mass::ofGrams($foreseen), Mass::ofGrams($error))
            : $this->kitchen;

        return new self(
            $this->plan,
            $this->larder,
            self::atVolume($this->sauce, $millilitres),
            $kitchen,
            $this->strength,
            $this->level,
            $this->seconds,
            $millilitres,
            0.0,
            $error,
            $this->probed,
            $this->untested,
            $this->ladled,
            $rose,
        );
    }

    /** Its water so much more or less that it fills just this volume. */
    private static function atVolume(Sauce $sauce, float $millilitres): Sauce
    {
        for ($round = 0; $round < 3; $round++) {
            $sauce = $sauce->cooked(
                max(0.0, $sauce->waterGrams + $millilitres - $sauce->millilitres()),
                $sauce->alcoholGrams,
                $sauce->yolkSet,
                $sauce->starch,
            );
        }

        return $sauce;
    }

    private function tested(Reading $reading): self
    {
        $was = $this->strength->value;
        try {
            $strength = match ($reading->kind) {
                ReadingKind::Spoon => $this->spoonAt($reading->asSpoonWord(), $was, $reading->error),
                ReadingKind::Trail => $this->trailAt($reading->asTrailWord(), $was),
                ReadingKind::Line => $this->holding(
                    $reading->lineHolds(),
                    $was,
                    static fn(SpoonTest $test): bool => $test->lineHolds,
                ),
                ReadingKind::Ribbon => $this->holding(
                    $reading->ribbonHolds(),
                    $was,
                    static fn(SpoonTest $test): bool => $test->ribbon,
                ),
                ReadingKind::Spread => $this->strength->after(
                    $was * $this->spreadAt(Length::ofMetres($reading->inSi() / 2.0)),
                    self::TEST_ERROR,
                ),
                ReadingKind::FunnelWide => $this->strength->after(
                    $was * $this->funnelledIn($reading->asDuration(), FunnelTest::wide()),
                    self::TEST_ERROR,
                ),
                default => $this->strength->after(
                    $was * $this->funnelledIn($reading->asDuration(), FunnelTest::narrow()),
                    self::TEST_ERROR,
                ),
            };
        } catch (LentoException) {
            // No strength of this thickener gives such a reading: it is kept in the log, and moves nothing.
            return $this;
        }

        return $this->but(sauce: $this->sauce->strengthened($strength->value / $was), strength: $strength);
    }

    /** A plate and a funnel are read when the sample has cooled to where a sauce is eaten. */
    private function tasted(): Temperature
    {
        return Temperature::ofCelsius(EquivalentFlour::CELSIUS);
    }

    /**
     * Between which strengths the spoon shows this word, as hot as the sauce is now.
     *
     * @return array{float, float}
     */
    private function between(SpoonWord $word, float $was): array
    {
        $order = SpoonWord::cases();
        $at = (int) array_search($word, $order, true);
        $reaches = fn(int $least): float => $this->strengthAt(
            fn(Sauce $sauce): bool => (int) array_search(SpoonTest::of(Flow::of($sauce, $this->temperature()))->word(), $order, true)
                >= $least,
        );

        return [$at === 0 ? 0.0 : $was * $reaches($at), $at === count($order) - 1 ? INF : $was * $reaches($at + 1)];
    }

    private function spoonAt(SpoonWord $word, float $was, ?float $eye): Factor
    {
        [$low, $high] = $this->between($word, $was);

        return $this->strength->within($low, $high, $eye ?? self::WORD_ERROR);
    }

    private function trailAt(TrailWord $word, float $was): Factor
    {
        [$thinnest, $thickest] = $word->spoons();

        return $this->strength->within($this->between($thinnest, $was)[0], $this->between($thickest, $was)[1], self::WORD_ERROR);
    }

    /** @param callable(SpoonTest): bool $shows false for a thin sauce, true for a thick one */
    private function holding(bool $holds, float $was, callable $shows): Factor
    {
        $limit = $was * $this->strengthAt(fn(Sauce $sauce): bool => $shows(SpoonTest::of(Flow::of($sauce, $this->temperature()))));

        return $holds ? $this->strength->within($limit, INF, self::WORD_ERROR) : $this->strength->within(0.0, $limit, self::WORD_ERROR);
    }

    /**
     * The strength of the thickener from which something is so, against what is believed.
     *
     * @param callable(Sauce): bool $is false for the weak, true for the strong
     */
    private function strengthAt(callable $is): float
    {
        [$weak, $strong] = [log(self::WEAKEST), log(self::STRONGEST)];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($weak + $strong);
            $is($this->sauce->strengthened(exp($middle))) ? $strong = $middle : $weak = $middle;
        }

        return exp(0.5 * ($weak + $strong));
    }

    private function but(
        ?Sauce $sauce = null,
        ?Factor $strength = null,
        ?SimmerLevel $level = null,
        ?float $seconds = null,
        ?float $added = null,
        ?Temperature $probed = null,
        ?float $ladled = null,
        ?Cooking $plan = null,
    ): self {
        return new self(
            $plan ?? $this->plan,
            $this->larder,
            $sauce ?? $this->sauce,
            $this->kitchen,
            $strength ?? $this->strength,
            $level ?? $this->level,
            $seconds ?? $this->seconds,
            $this->anchor,
            $added ?? $this->added,
            $this->error,
            // A probe is true for its moment; once the pot has gone on simmering it is what its simmer is.
            $probed ?? ($seconds === null ? $this->probed : null),
            $this->untested,
            $ladled ?? $this->ladled,
            $added === null ? $this->rose : 0.0,
        );
    }

    /** @return float how strong its flour is then, as a factor of what was believed */
    private function spreadAt(Length $radius): float
    {
        return MeasuredThickness::fromLineSpread($this->sauce, $this->tasted(), $radius)->factor;
    }

    /** @return float how strong its flour is then, as a factor of what was believed */
    private function funnelledIn(Duration $time, FunnelTest $funnel): float
    {
        return MeasuredThickness::fromFunnel($this->sauce, $this->tasted(), $funnel, $time)->factor;
    }
}
