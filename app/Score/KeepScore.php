<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\ScoreCost;
use App\Format\Words;
use App\Formats\Json;
use App\Formats\ScoreJson;
use App\Models\Score;
use Illuminate\Support\Facades\DB;
use Lento\Score\After;
use Lento\Score\Announced;
use Lento\Score\Answer;
use Lento\Score\Budget;
use Lento\Score\Change;
use Lento\Score\Check;
use Lento\Score\Diagnosis;
use Lento\Score\Difference;
use Lento\Score\Eased;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Offers;
use Lento\Score\Placed;
use Lento\Score\Planner;
use Lento\Score\Reason;
use Lento\Score\Solution;
use Lento\Score\Underway;
use Lento\Score\Worth;

/**
 * Looks for the plan of a service a little at a time, so that no page waits: a first one at once, then better ones, round by round, from
 * what is known. What was found is kept; with the same service in the same kitchen it is found again.
 */
final readonly class KeepScore
{
    /** Rounds after the first, and what each may cost. */
    public const ROUNDS = 8;

    /** What was said before that is no longer kept to: nobody means so much of one evening. */
    private const MOST_SAID = 60;

    /** Tasks from which on a service is much. */
    private const MUCH = 70;

    private const FIRST = ['plans' => 12, 'steps' => 3000, 'patient' => false];
    private const EACH = ['plans' => 160, 'steps' => 14_000, 'patient' => false];
    private const LIVE = ['plans' => 60, 'steps' => 8000, 'patient' => false];
    private const TRY = ['plans' => 30, 'steps' => 3000, 'patient' => false];

    /** What is known, or a first plan: nothing is written down by looking at it. */
    public function shown(ServiceScore $service): ShownScore
    {
        $instance = $service->instance ?? throw new \LogicException('a service without pots has no score');
        if ($service->isLive()) {
            return $this->live($service);
        }
        $known = self::known($service, $instance);
        if ($known !== null) {
            return new ShownScore($instance, Planner::judged($instance, $known));
        }
        // A kitchen with more to do than it can is shown what would stand hot too long, and not nothing.
        $eased = Eased::of($instance);
        $told = self::told($service);
        if ($told !== null && Check::of($eased, $told) === []) {
            return new ShownScore($eased, Planner::judged($eased, $told));
        }
        // That there is none within the limits is found out slowly where there is much to do: then it waits until after the first look.
        $isMuch = count($instance->work->tasks) > self::MUCH;
        $first = $isMuch ? Diagnosis::of($instance) : (new Planner(1, new Budget(...self::FIRST)))->plan($instance);
        if ($first instanceof Answer || ($first !== [] && $first[0]->reason !== Reason::NotFound)) {
            return new ShownScore($instance, $first);
        }
        $plan = (new Planner(1, new Budget(...self::FIRST)))->plan($eased);
        $keeps = $plan instanceof Answer && Check::of($instance, $plan->solution) === [];

        return new ShownScore($keeps ? $instance : $eased, $keeps ? Planner::judged($instance, $plan->solution) : $plan);
    }

    /** What moves is what the cooks are told from now on. */
    public function take(ServiceScore $service): void
    {
        $shown = $service->instance === null ? null : $this->shown($service);
        if ($shown?->answer instanceof Answer) {
            self::keep($service, $shown->answer->solution, self::ROUNDS, $service->said);
        }
    }

    /** As close to what the cooks were told as it can still be kept to. */
    private function live(ServiceScore $service): ShownScore
    {
        $told = self::told($service);
        $instance = $told === null ? null : $service->now(self::announced($told));
        if ($told !== null && $instance !== null) {
            $still = Underway::told($instance, $told);
            // As long as it can be kept to, and makes nobody later or busier than it said, there is nothing to plan.
            if (Check::of($instance, $still) === [] && self::isNoWorse($service, $instance, $still, $told)) {
                return new ShownScore($instance, Planner::judged($instance, $still), $told);
            }
        }

        return $this->near($service, $told);
    }

    private static function isNoWorse(ServiceScore $service, Instance $now, Solution $still, Solution $told): bool
    {
        $planned = $service->instance;
        if ($planned === null) {
            return false;
        }
        [$is, $was] = [Worth::of($now, $still), Worth::of($planned, $told)];

        return $is->clashes <= $was->clashes && $is->late <= $was->late && $is->held <= $was->held;
    }

    /** @return array<string, Announced> */
    private static function announced(?Solution $told): array
    {
        return array_map(
            static fn(Placed $one): Announced => new Announced($one->start, $one->cook),
            $told->tasks ?? [],
        );
    }

    /** A plan as close as can be to one that was told. */
    private function near(ServiceScore $service, ?Solution $told): ShownScore
    {
        $instance = $service->now(self::announced($told)) ?? throw new \LogicException('a service without pots has no score');
        $answer = (new Planner(1, new Budget(...self::LIVE)))->plan($instance, from: $told);
        // What no proof stands against, it only was not found: it is looked for longer, and then with what is held as long as it must be.
        $isOpen = is_array($answer) && Diagnosis::of($instance) === [];
        if ($isOpen) {
            $answer = (new Planner(1, new Budget(...self::EACH)))->plan($instance, from: $told);
        }
        if ($isOpen && is_array($answer) && !$service->isLive()) {
            $instance = Eased::of($instance);
            $answer = (new Planner(1, new Budget(...self::EACH)))->plan($instance, from: $told);
        }
        // Pots that are on stand somewhere, whatever the rings say: the rest is planned around them, and that is told.
        if (is_array($answer) && $service->isLive()) {
            $instance = Eased::of($service->now(self::announced($told), asItStands: true) ?? $instance);
            $answer = (new Planner(1, new Budget(...self::EACH)))->plan($instance, from: $told);
        }

        return new ShownScore($instance, $answer, $told);
    }

    /**
     * Somebody says something of the plan, in one breath: it is kept to, and what else moves is as little as can be. A wish with which
     * there is no plan is refused; what simply is so is kept, plan or none.
     *
     * @param non-empty-list<Change> $changes
     *
     * @return list<Impossible>|null why not; none where it is kept; null where somebody else has said something meanwhile
     */
    public function say(ServiceScore $service, array $changes, string $by): ?array
    {
        $shown = $this->shown($service);
        $before = $shown->told ?? ($shown->answer instanceof Answer ? $shown->answer->solution : null);
        $isAFact = array_filter($changes, static fn(Change $one): bool => $one->kind->isAFact()) !== [];
        $said = $service->said;
        foreach ($changes as $change) {
            $said = array_filter($said, static fn(Said $one): bool => !$change->replaces($one->change));
        }
        $with = static fn(string ...$cost): ServiceScore => $service->saying([
            ...array_values($said),
            ...array_map(static fn(Change $one): Said => new Said($one, $by, array_values($cost), $before), $changes),
        ]);
        $found = $this->near($with(), $before);
        if (is_array($found->answer) && !$isAFact) {
            return $found->answer;
        }
        $cost = $shown->answer instanceof Answer && $found->answer instanceof Answer
            ? ScoreCost::words(
                Difference::between($shown->instance, $shown->answer->solution, $found->instance, $found->answer->solution),
                $found->instance,
            )
            : [];
        $plan = $service->isLive() || is_array($found->answer) ? $before : $found->answer->solution;

        return self::keep($with(...$cost), $plan, self::ROUNDS, $service->said) ? [] : null;
    }

    /** What was said last, or the one of this place, is taken back. */
    public function unsay(ServiceScore $service, ?int $place = null): void
    {
        $last = count($service->said) - 1;
        $place ??= $last;
        if (!isset($service->said[$place])) {
            return;
        }
        $then = $service->saying(array_values(array_diff_key($service->said, [$place => true])));
        $told = self::told($service);
        if ($place === $last && !$service->isLive()) {
            self::keep($then, $service->said[$place]->before, self::ROUNDS, $service->said);

            return;
        }
        $found = $service->isLive() ? null : $this->near($then, $told)->answer;
        self::keep($then, $found instanceof Answer ? $found->solution : $told, self::ROUNDS, $service->said);
    }

    /** @return list<Offers> what can be done where the plan is not as one would have it */
    public function offers(ShownScore $shown): array
    {
        return $shown->answer instanceof Answer
            ? Offers::of($shown->instance, $shown->answer, new Planner(1, new Budget(...self::TRY)), Words::text('score.a_hand'))
            : [];
    }

    /** One round further, from what is known. */
    public function better(ServiceScore $service): void
    {
        $instance = $service->instance ?? throw new \LogicException('a service without pots has no score');
        $kept = self::kept($service);
        $known = self::known($service, $instance);
        // What the cooks have been told is not bettered under their hands.
        if ($service->isLive() || self::isDone($kept)) {
            return;
        }
        $round = ($kept->rounds ?? 0) + 1;
        $told = self::told($service);
        // What was not found in the first two rounds is not looked for in all of them.
        $isOpen = $known !== null || $round <= 2;
        $answer = $isOpen ? (new Planner($round, new Budget(...self::EACH)))->plan($instance, from: $known) : [];
        if ($answer === [] || (is_array($answer) && $answer[0]->reason === Reason::NotFound)) {
            $answer = (new Planner($round, new Budget(...self::EACH)))->plan(Eased::of($instance), from: $told);
        }
        if ($answer instanceof Answer) {
            self::keep($service, $answer->solution, $answer->isProven() ? self::ROUNDS : $round, $service->said);
        }
    }

    /** How many rounds are still to come. */
    public static function left(ServiceScore $service): int
    {
        $kept = self::kept($service);

        return match (true) {
            $service->instance === null || $service->isLive() || self::isDone($kept) => 0,
            default => self::ROUNDS - ($kept->rounds ?? 0),
        };
    }

    public static function stop(int $service): void
    {
        Score::query()->where('service_id', $service)->update(['stopped' => true]);
    }

    private static function isDone(?Score $kept): bool
    {
        return $kept !== null && ($kept->stopped || $kept->rounds >= self::ROUNDS);
    }

    /** What was found for this very service in this very kitchen. */
    private static function kept(ServiceScore $service): ?Score
    {
        $kept = Score::query()->where('service_id', $service->service->service)->first();

        return $kept?->asked === $service->asked() ? $kept : null;
    }

    /**
     * Searching takes a while: what somebody said meanwhile at another tablet is never written over by a plan that knows nothing of it.
     *
     * @param list<Said> $seen what had been said when the search began
     *
     * @return bool whether it was written
     */
    private static function keep(ServiceScore $service, ?Solution $solution, int $rounds, array $seen): bool
    {
        $written = $solution === null ? null : ScoreJson::solution($solution);
        $hands = $solution === null ? null : ToldHand::written($service, $solution);
        $changes = array_map(static fn(Said $one): array => $one->written(), array_slice($service->said, -self::MOST_SAID));

        return DB::transaction(static function () use ($service, $written, $hands, $rounds, $changes, $seen): bool {
            $kept = Score::query()->lockForUpdate()->firstOrNew(['service_id' => $service->service->service]);
            if ($kept->exists && !Said::areTheSame(Said::in($kept), $seen)) {
                return false;
            }
            // What is good enough stays so, though a round was under way when somebody said it.
            $stopped = $kept->exists && $kept->stopped && $kept->asked === $service->asked();
            $kept->fill([
                'asked' => $service->asked(),
                'solution' => $written,
                'first' => $service->isLive() ? $kept->first ?? $written : $written,
                'changes' => $changes,
                'hands' => $hands,
                'rounds' => $written === null ? 0 : $rounds,
                'stopped' => $stopped,
            ])->save();

            return true;
        });
    }

    /** What happened beside what was told before; null before it is over, or where nothing had been told. */
    public static function after(ServiceScore $service): ?After
    {
        $first = Score::query()->where('service_id', $service->service->service)->first()->first ?? null;

        $instance = $service->instance;

        return $first !== null && $instance !== null && $service->progress?->isOver($instance) === true
            ? After::of($instance, ScoreJson::read(Json::of($first)), $service->progress->begun)
            : null;
    }

    private static function told(ServiceScore $service): ?Solution
    {
        $kept = self::kept($service)->solution ?? null;

        return $kept === null ? null : ScoreJson::read(Json::of($kept));
    }

    /** The plan that was found, if it can still be kept to at this hour. */
    private static function known(ServiceScore $service, Instance $instance): ?Solution
    {
        $known = self::told($service);

        return $known !== null && Check::of($instance, $known) === [] ? $known : null;
    }
}
