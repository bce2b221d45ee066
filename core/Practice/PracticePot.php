<?php

declare(strict_types=1);

namespace Lento\Practice;

use Closure;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Simulation\Action;
use Lento\Simulation\Hands;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Mishap;
use Lento\Simulation\PasteInPan;
use Lento\Simulation\Rehearsal;
use Lento\Simulation\Rehearsing;
use Lento\Simulation\SauceInPan;
use Lento\Simulation\Setting;
use Lento\Simulation\Watch;
use Lento\Thickness\Sauce;

/**
 * The pot that one practises at: what stands in it after any list of deeds, to the last digit the same each time.
 *
 * Between deeds it goes on in strides that follow from the deeds alone, so that it does not matter who looked when. Marks that stay
 * (specks, what has caught, a skin, what has split) gather at rates that are estimates: docs/practice.md.
 */
final readonly class PracticePot
{
    /** s: nobody practises one pot for longer than half a day of its time. */
    public const LONGEST = 12 * 3600;

    public const MOST_DEEDS = 1500;

    /** s ahead up to which each stride is looked at, and s between two looks beyond. */
    private const NEAR = 120;

    private const APART = 20;

    /** °C of what goes in cold. */
    public const COLD = 18.0;

    /** s of a stride, by the s since the last deed up to which it is taken: a roux moves faster than a sauce. */
    private const OF_A_ROUX = [[1200, 5], [PHP_INT_MAX, 30]];

    private const OF_A_SAUCE = [[1800, 10], [3600, 20], [PHP_INT_MAX, 60]];

    /** s in which what is certain to burn has burnt; the same of catching, of a skin, of splitting at so many K over the limit. */
    private const BURNS_IN = 45.0;

    private const CATCHES_IN = 120.0;

    /** Rank below which a floor stays clean. */
    private const CLEAN_BELOW = 0.3;

    private const SKIN_IN = 420.0;

    private const SKIN_FROM = 50.0;

    private const SPLITS_IN = 20.0;

    private const SPLITS_AT = 6.0;

    /** Share of a sauce that goes over the brim in a second, at the most. */
    private const OVER_A_SECOND = 0.004;

    /** What is left of lumps after ten seconds of hard whisking; what a skin that is stirred in leaves of smoothness. */
    private const WHISKED = 0.7;

    private const SKIN_IN_BITS = 0.15;

    /** Of the flour in lumps that a strainer keeps. */
    private const STRAINED_OFF = 0.4;

    /** Of split, when something curdles it at once. */
    private const CURDLED = 0.55;

    private HeatedPan $vessel;

    private Rehearsal $hand;

    private Hands $hands;

    private Watch $watch;

    private PasteInPan $paste;

    private SauceInPan $sauce;

    private Sensing $sensing;

    public function __construct(public Exercise $exercise)
    {
        $this->vessel = $exercise->vessel();
        $this->hand = Rehearsal::hand($exercise->plan, $exercise->thatCooking(), $exercise->larder, $this->vessel);
        $this->hands = new Hands($this->vessel);
        $this->watch = new Watch($this->vessel);
        $this->paste = new PasteInPan($this->vessel);
        $this->sauce = new SauceInPan($this->vessel);
        $this->sensing = new Sensing($this->vessel);
    }

    /** All is weighed and set out, and what is not cooked at the pot is done: at the first step that one stands at. */
    public function begun(): Standing
    {
        $standing = Standing::cold(Rehearsing::cold(self::COLD)->set(Setting::cold()->stirred(0.0)));
        while (($step = $this->exercise->step($standing->step)) !== null && !$this->exercise->isStood($step)) {
            $standing = $this->asWritten($step, $standing);
        }

        return $standing;
    }

    /**
     * After these deeds, each at its own second.
     *
     * @param list<Deed> $deeds in the order of their seconds
     *
     * @throws OutOfRange if there are too many, or one comes before another
     * @throws Missing if one cannot be done there
     */
    public function after(array $deeds): Played
    {
        OutOfRange::refuse('number-of-deeds', (float) count($deeds), 0.0, (float) self::MOST_DEEDS, '');
        $played = Played::from($this->begun());
        foreach ($deeds as $deed) {
            $played = $this->with($deed, $played);
        }

        return $played;
    }

    /** @throws OutOfRange|Missing as above */
    public function with(Deed $deed, Played $played): Played
    {
        OutOfRange::refuse('second-of-practice', (float) $deed->at, (float) $played->standing->second(), (float) self::LONGEST, 's');
        $then = $this->until($deed->at, $played);

        return $played->plus($deed, $this->done($deed, $then));
    }

    /**
     * The same deeds again, step by step, each as long after its step was begun as it was.
     *
     * @param list<Segment> $segments
     *
     * @throws OutOfRange|Missing as above
     */
    public function again(array $segments): Played
    {
        $played = Played::from($this->begun());
        foreach ($segments as $segment) {
            $begun = $played->standing->second();
            foreach ($segment->deeds as $deed) {
                $played = $this->with($deed->later(max($played->standing->second(), $begun + $deed->at)), $played);
            }
        }

        return $played;
    }

    /** As it stands at a second, if nothing more is done. */
    public function until(int $second, Played $played): Standing
    {
        $standing = $played->standing;
        while ($standing->second() < $second) {
            $standing = $this->strode(min($second, $this->next($standing, $played->since())), $standing);
        }

        return $standing;
    }

    /**
     * The first second at which something is so, if nothing more is done; the last one looked at where it never is.
     *
     * @param Closure(Standing): bool $so
     */
    public function when(Closure $so, Played $played, int $longest): int
    {
        $standing = $played->standing;
        $end = min(self::LONGEST, $standing->second() + $longest);
        while ($standing->second() < $end && !$so($standing)) {
            $standing = $this->strode(min($end, $this->next($standing, $played->since())), $standing);
        }

        return $standing->second();
    }

    /**
     * What one perceives from now on, if nothing more is done.
     *
     * @return list<Look> at least one
     */
    public function ahead(int $from, int $until, Played $played): array
    {
        $standing = $played->standing;
        $looks = $standing->second() >= $from ? [$this->sensing->look($standing)] : [];
        $last = $standing->second();
        while ($standing->second() < min($until, self::LONGEST)) {
            $next = $this->next($standing, $played->since());
            $standing = $this->strode(min($next, self::LONGEST), $standing);
            // What is further off will mostly be looked at again before it comes.
            $apart = $standing->second() - max($from, $played->standing->second()) > self::NEAR ? self::APART : 0;
            if ($standing->second() >= $from && ($standing->second() - $last >= $apart || $standing->second() >= $until)) {
                $looks[] = $this->sensing->look($standing);
                $last = $standing->second();
            }
        }

        return $looks === [] ? [$this->sensing->look($standing)] : $looks;
    }

    /**
     * How it stood every so often, and after each deed.
     *
     * @param list<Deed> $deeds
     *
     * @return non-empty-list<Standing>
     *
     * @throws OutOfRange|Missing as after()
     */
    public function course(array $deeds, int $every, ?Standing $from = null): array
    {
        $played = Played::from($from ?? $this->begun());
        $course = [$played->standing];
        foreach ($deeds as $deed) {
            $standing = $played->standing;
            while ($standing->second() < $deed->at) {
                $standing = $this->strode(min($deed->at, $this->next($standing, $played->since())), $standing);
                if ($standing->second() - $course[count($course) - 1]->second() >= $every) {
                    $course[] = $standing;
                }
            }
            $played = $this->with($deed, $played);
            $course[] = $played->standing;
        }

        return $course;
    }

    /** What is read off it. */
    public function measured(DeedKind $kind, Standing $standing): Measure
    {
        return $this->sensing->measured($kind, $standing);
    }

    public function look(Standing $standing): Look
    {
        return $this->sensing->look($standing);
    }

    /** The end of the stride: it follows from the deeds alone. */
    private function next(Standing $standing, int $since): int
    {
        $now = $standing->second();
        foreach ($standing->pot->state->paste === null ? self::OF_A_SAUCE : self::OF_A_ROUX as [$up, $stride]) {
            if ($now - $since < $up) {
                return $since + (intdiv($now - $since, $stride) + 1) * $stride;
            }
        }

        return $now + 1;
    }

    private function strode(int $second, Standing $standing): Standing
    {
        [$pot, $seconds] = [$standing->pot, max(1, $second - $standing->second())];
        $setting = $this->setting($standing);
        $state = $pot->state->paste !== null
            ? $this->paste->after($pot->state, $pot->state->paste, $setting, $seconds)
            : $this->sauce->after($pot->state, $setting, $seconds);

        return $this->marked($standing->in($pot->on($state, $seconds)), $setting, (float) $seconds);
    }

    /** What is set, but for a colleague who stands there and does not stir yet. */
    private function setting(Standing $standing): Setting
    {
        $colours = $this->exercise->step($standing->step)?->kind === StepKind::Colour;

        return $colours && $standing->lasted() < $this->exercise->quirks->stirredLate()
            ? $standing->pot->setting->stirred(0.0)
            : $standing->pot->setting;
    }

    private function marked(Standing $standing, Setting $setting, float $seconds): Standing
    {
        [$pot, $marks] = [$standing->pot, $standing->marks];
        $state = $pot->state;
        [$middle, $edge] = $standing->where->reaches();
        [$in, $at] = [$setting->stirred($setting->stirring * $middle), $setting->stirred($setting->stirring * $edge)];
        if ($state->paste !== null) {
            $burns = $this->watch->speckRank($state, $in);

            return $standing->in($pot, $marks->burning(
                $burns * $seconds / self::BURNS_IN,
                ($at->stirring === $in->stirring ? $burns : $this->watch->speckRank($state, $at)) * $seconds / self::BURNS_IN,
            ));
        }
        // Where it is stirred least it catches first.
        $rank = $this->watch->scorchRank($state, $setting->stirred($setting->stirring * min($middle, $edge)));
        $marks = $rank > self::CLEAN_BELOW ? $marks->catching(($rank - self::CLEAN_BELOW) * $seconds / self::CATCHES_IN) : $marks;
        $over = $pot->limit === null ? 0.0 : $state->celsius - $pot->limit->inCelsius();
        $marks = $over > 1e-6 ? $marks->splitting($over / self::SPLITS_AT * $seconds / self::SPLITS_IN) : $marks;
        $pot = $over > 1e-6 ? $pot->troubled(Mishap::TooHotFor, '') : $pot;

        return $this->ranOver($this->skinned($standing->in($pot, $marks), $setting, $seconds), $setting, $seconds);
    }

    /** A skin comes where the sauce stands still, open and hot; stirred in, it goes to bits. */
    private function skinned(Standing $standing, Setting $setting, float $seconds): Standing
    {
        [$state, $skin] = [$standing->pot->state, $standing->marks->skin];
        $boils = $state->celsius >= $this->vessel->boilsAt->inCelsius() - 1.0;
        if ($setting->stirring > 0.0 || $boils) {
            $left = $state->smooth * (1.0 - self::SKIN_IN_BITS * $skin);

            return $skin <= 0.0 ? $standing : $standing->in($standing->pot->in($state->smoothed($left)), $standing->marks->skinned(0.0));
        }
        $still = $state->celsius > self::SKIN_FROM && $setting->lid !== Lid::Covered && $state->sauce->starch->gelatinised > 0.5;

        return $still
            ? $standing->in($standing->pot, $standing->marks->skinned($skin + $seconds / self::SKIN_IN))
            : $standing;
    }

    private function ranOver(Standing $standing, Setting $setting, float $seconds): Standing
    {
        [$pot, $state] = [$standing->pot, $standing->pot->state];
        $high = Head::of($state, $setting, $this->vessel);
        if ($high <= 1.0 || $state->sauce->millilitres() <= 0.0) {
            return $standing;
        }
        $share = min(0.5, self::OVER_A_SECOND * $seconds * min(1.0, 10.0 * ($high - 1.0)));
        $lost = $share * $state->sauce->millilitres();
        $left = $state->sauced(
            $state->sauce->times(1.0 - $share),
            $state->celsius,
            $state->ledger->plus(ladled: $share * $state->sauce->grams()),
        );

        return $standing->in($pot->in($left)->troubled(Mishap::RunsOver, ''), $standing->marks->runningOver($lost));
    }

    /** @throws Missing if it cannot be done there */
    private function done(Deed $deed, Standing $standing): Standing
    {
        $step = $this->exercise->step($standing->step);
        if ($step === null && !$deed->kind->measures()) {
            throw Missing::from('practice', 'step');
        }

        return match ($deed->kind) {
            DeedKind::Heat => $this->set(
                $standing,
                $standing->pot->setting->heated($deed->way instanceof HobHeat ? Heating::hob($deed->way) : Heating::off()),
            ),
            DeedKind::Hold => $this->set(
                $standing,
                $standing->pot->setting->heated(Heating::simmer($deed->way instanceof SimmerLevel ? $deed->way : SimmerLevel::Bare)),
            ),
            DeedKind::Stir => $this->set($standing, $standing->pot->setting->stirred($deed->amount))
                ->stirredAt($deed->way instanceof Where ? $deed->way : Where::All),
            DeedKind::Lid => $this->set($standing, $standing->pot->setting->lidded($deed->way instanceof Lid ? $deed->way : Lid::Open)),
            DeedKind::Whisk => $this->whisked($deed->amount, $standing),
            DeedKind::Add => $this->added($deed, $standing),
            DeedKind::Skim => $this->skimmed($standing),
            DeedKind::Done => $step === null ? $standing : $this->closed($step, $standing),
            DeedKind::Written => $step === null ? $standing : $this->asWritten($step, $standing),
            default => $standing,
        };
    }

    private function set(Standing $standing, Setting $setting): Standing
    {
        return $standing->in($standing->pot->set($setting));
    }

    private function whisked(float $seconds, Standing $standing): Standing
    {
        $state = $standing->pot->state;
        if ($state->paste !== null) {
            return $standing;
        }
        $left = (1.0 - $state->smooth) * self::WHISKED ** ($seconds / 10.0);

        return $standing->in($standing->pot->in($state->smoothed(1.0 - $left)), $standing->marks->skinned(0.0));
    }

    private function skimmed(Standing $standing): Standing
    {
        $pot = $standing->pot;
        [$state, $setting] = $this->hands->do(Action::skim(Duration::ofSeconds((float) $pot->now)), $pot->state, $pot->setting);

        return $standing->in($pot->in($state, $setting), $standing->marks->skinned(0.0));
    }

    /** @throws Missing if this sauce takes none of it */
    private function added(Deed $deed, Standing $standing): Standing
    {
        if (!$this->exercise->takes($deed->what)) {
            throw Missing::from('practice', $deed->what);
        }
        $what = $this->exercise->what($deed->what);
        $pours = $what instanceof Ingredient && $what->role === Role::Liquid;
        $standing = $standing->withAdded($deed->what, $deed->amount, $pours);
        // Pieces have no weight here, and what only flavours none anywhere.
        if ($what === null || $what instanceof Ingredient && $what->role === Role::Vegetable) {
            return $standing;
        }
        $pot = $standing->pot;
        $add = Action::add(
            Duration::ofSeconds((float) $pot->now),
            $what,
            Mass::ofGrams($deed->amount),
            Temperature::ofCelsius($what instanceof Ingredient ? $this->celsius($what, $standing) : self::COLD),
        );
        [$state, $setting, $told] = $this->hands->do($add, $pot->state, $pot->setting);
        $marks = $standing->marks;
        $pot = $pot->in($state, $setting)->limitedTo($this->limit($deed->what, $standing));
        foreach ($told as [$trouble, $about]) {
            $pot = $pot->troubled($trouble, $about);
            $curdles = $trouble === Mishap::MayCurdle
                || $trouble === Mishap::TooHotFor && $what instanceof Ingredient && in_array($what->role, [Role::Egg, Role::Cheese], true);
            $marks = $curdles && $marks->split < self::CURDLED ? $marks->splitting(self::CURDLED) : $marks;
        }

        return $standing->in($pot, $marks);
    }

    /** A liquid comes as its step has it; colder, where this kitchen's is. */
    private function celsius(Ingredient $what, Standing $standing): float
    {
        $meant = $this->exercise->step($standing->step)?->conditions->at?->inCelsius() ?? self::COLD;

        return $what->role === Role::Liquid ? $this->exercise->quirks->celsius($meant) : self::COLD;
    }

    private function limit(string $what, Standing $standing): ?Temperature
    {
        $step = $this->exercise->step($standing->step);
        foreach ($step->additions ?? [] as $addition) {
            if ($addition->amount->ingredient === $what && $addition->bounds->atMost !== null) {
                return $addition->bounds->atMost;
            }
        }

        return $step?->conditions->bounds->atMost;
    }

    /**
     * The cook calls the step done.
     *
     * @throws Missing if it is a pour and nothing has been poured
     */
    private function closed(Step $step, Standing $standing): Standing
    {
        if (!$this->exercise->isStood($step)) {
            return $this->asWritten($step, $standing);
        }
        $pot = $standing->pot;
        if ($step->kind === StepKind::Pour) {
            if ($pot->state->paste !== null) {
                throw Missing::from('practice', 'liquid');
            }
            $pot = $pot->joined($pot->apart)->setApart(Sauce::nothing());
        }
        // Lifted off the flame.
        $pot = $step->kind === StepKind::Colour ? $pot->set($pot->setting->heated(Heating::off())) : $pot;
        if ($step->effect->keeps < 1.0 && $pot->state->paste === null) {
            $left = $pot->state->sauce->times($step->effect->keeps);
            $gone = $pot->state->sauce->grams() - $left->grams();
            $pot = $pot->in($pot->state->sauced($left, $pot->state->celsius, $pot->state->ledger->plus(strained: $gone)));
        }

        return $standing->in($pot->limitedTo($step->conditions->bounds->atMost))->further();
    }

    /** @throws Missing if something of it has been added by hand already, or there is no sauce to do it to */
    private function asWritten(Step $step, Standing $standing): Standing
    {
        if ($standing->added !== [] && $step->amounts !== []) {
            throw Missing::from('practice', 'whole-step');
        }
        $pot = $standing->pot;
        $stirred = $pot->setting->stirring;
        $done = $this->hand->does($step, $pot->set($pot->setting->stirred(1.0)));
        $done = $done->set($done->setting->stirred($stirred));
        $state = $done->state;
        if ($state->paste === null && in_array($step->kind, [StepKind::Strain, StepKind::Blend], true)) {
            $kept = $step->kind === StepKind::Strain ? self::STRAINED_OFF * (1.0 - $state->smooth) : 0.0;
            $sieved = $state->sauce->withoutStarch($kept);
            $lumps = $state->sauce->grams() - $sieved->grams();
            $state = $state->sauced($sieved, $state->celsius, $state->ledger->plus(strained: $lumps))->smoothed(1.0);
        }

        return $standing->in($done->in($state)->limitedTo($step->conditions->bounds->atMost))->further();
    }
}
