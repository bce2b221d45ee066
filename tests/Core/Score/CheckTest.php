<?php

declare(strict_types=1);

use Lento\Score\Answer;
use Lento\Score\Breach;
use Lento\Score\Check;
use Lento\Score\Instance;
use Lento\Score\MadeVisit;
use Lento\Score\Placed;
use Lento\Score\Planner;
use Lento\Score\Rule;
use Lento\Score\Solution;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

/**
 * Two pots that do not touch: the second an hour before the first, with a second cook and a second ring.
 *
 * @param list<array{string, int, string, mixed}> $changes
 */
function twoPots(array $changes = []): Instance
{
    return Services::changed([
        ['stores', 0, 'slots', 2],
        ['sauces', 1, 'serve_at', 80],
        ['sauces', 1, 'hold_max', 30],
        ['sauces', 1, 'latest', 85],
        ['uses', 2, 'pan_mm', 200],
        ['uses', 2, 'power', 1],
        ['uses', 3, 'on', 'oven'],
        ['uses', 3, 'from', 'b/strain'],
        ['uses', 3, 'to', 'serve'],
        ['uses', 3, 'from_edge', 'end'],
        ['uses', 3, 'at', 80],
        ...$changes,
    ], [
        ['cooks', ['id' => 'Petra', 'away' => [[140, 160]]]],
        ['rings', ['id' => 'back', 'max_pan_mm' => 200, 'power' => 1, 'out' => [[200, 220]]]],
    ], pots: 2);
}

/** @return list<string> rules that are broken */
function broken(Instance $instance, Solution $solution): array
{
    $rules = array_map(static fn(Breach $one): string => $one->rule->value, Check::of($instance, $solution));

    return array_values(array_unique($rules));
}

function goodPlan(Instance $instance): Solution
{
    $answer = (new Planner())->plan($instance);

    return $answer instanceof Answer ? $answer->solution : throw new RuntimeException('no plan');
}

it('finds nothing wrong with a good plan', function (): void {
    expect(Check::of(twoPots(), goodPlan(twoPots())))->toBe([]);
});

/**
 * @param Closure(Solution): Solution $break
 * @param list<array{string, int, string, mixed}> $changes
 */
function breaks(Rule $rule, Closure $break, array $changes = []): void
{
    expect(broken(twoPots($changes), $break(goodPlan(twoPots()))))->toContain($rule->value);
}

it('names each rule that a plan breaks', function (Rule $rule, Closure $break, array $changes = []): void {
    /** @var list<array{string, int, string, mixed}> $changes */
    breaks($rule, $break, $changes);
})->with([
    'no start' => [Rule::HasStart, fn(Solution $s): Solution => new Solution(array_slice($s->tasks, 1), $s->rings, $s->visits)],
    'a start that was set' => [
        Rule::StartKept,
        fn(Solution $s): Solution => $s,
        [['tasks', 0, 'start', 99], ['tasks', 0, 'state', 'locked']],
    ],
    'before now' => [Rule::NotBeforeNow, fn(Solution $s): Solution => Services::moved($s, ['a/roux' => -5])],
    'too soon after' => [Rule::Least, fn(Solution $s): Solution => Services::moved($s, ['a/strain' => 130])],
    'too long after' => [Rule::Most, fn(Solution $s): Solution => Services::moved($s, ['a/roux' => 60])],
    'held too long' => [Rule::HeldMax, fn(Solution $s): Solution => Services::moved($s, ['a/strain' => 40])],
    'after the latest' => [Rule::Latest, fn(Solution $s): Solution => Services::moved($s, ['b/strain' => 90])],
    'no cook' => [Rule::HasCook, function (Solution $s): Solution {
        return new Solution([...$s->tasks, 'a/roux' => new Placed($s->tasks['a/roux']->start, null)], $s->rings, $s->visits);
    }],
    'another cook than was said' => [Rule::CookKept, function (Solution $s): Solution {
        return new Solution([...$s->tasks, 'a/roux' => new Placed($s->tasks['a/roux']->start, 'Petra')], $s->rings, $s->visits);
    }, [['tasks', 0, 'cook', 'Ines']]],
    'a cook who has not learnt it' => [Rule::Skill, function (Solution $s): Solution {
        return new Solution([...$s->tasks, 'a/roux' => new Placed($s->tasks['a/roux']->start, 'Petra')], $s->rings, $s->visits);
    }, [['tasks', 0, 'skill', 'liaison']]],
    'a cook who is away' => [Rule::Away, function (Solution $s): Solution {
        return new Solution([...$s->tasks, 'a/strain' => new Placed(146, 'Petra')], $s->rings, $s->visits);
    }],
    'two tasks of a cook at once' => [Rule::OneCookOneTask, function (Solution $s): Solution {
        return new Solution([
            ...$s->tasks,
            'a/roux' => new Placed(30, 'Ines'),
            'b/roux' => new Placed(31, 'Ines'),
        ], $s->rings, $s->visits);
    }],
    'a look that nobody asked for' => [Rule::VisitAsked, function (Solution $s): Solution {
        return new Solution($s->tasks, $s->rings, [...$s->visits, new MadeVisit('a/simmer', 9, 0, 120, 'Ines')]);
    }],
    'a look made twice' => [
        Rule::VisitAsked,
        fn(Solution $s): Solution => new Solution($s->tasks, $s->rings, [...$s->visits, $s->visits[0]]),
    ],
    'a look at the wrong time' => [Rule::VisitInWindow, function (Solution $s): Solution {
        $one = $s->visits[0];

        return new Solution($s->tasks, $s->rings, [new MadeVisit($one->task, $one->k, 0, $one->at + 12, $one->cook)]);
    }],
    'a look with both hands full' => [Rule::VisitFreeHands, function (Solution $s): Solution {
        $of = array_values(array_filter($s->visits, static fn(MadeVisit $one): bool => $one->task === 'a/simmer'))[0];

        return new Solution(
            [...$s->tasks, 'b/strain' => new Placed($of->at, 'Ines')],
            $s->rings,
            [new MadeVisit('a/simmer', $of->k, 0, $of->at, 'Ines')],
        );
    }],
    'two looks in a minute' => [Rule::OneVisitAMinute, function (Solution $s): Solution {
        return new Solution($s->tasks, $s->rings, array_map(
            static fn(MadeVisit $one): MadeVisit => new MadeVisit($one->task, $one->k, 0, 50, 'Ines'),
            $s->visits,
        ));
    }],
    'no ring' => [Rule::HasRing, fn(Solution $s): Solution => new Solution($s->tasks, [], $s->visits)],
    'another ring than it stands on' => [
        Rule::RingKept,
        fn(Solution $s): Solution => new Solution($s->tasks, [...$s->rings, 'b:ring' => 'back'], $s->visits),
        [['uses', 2, 'ring', 'front']],
    ],
    'a ring too small' => [
        Rule::RingTakes,
        fn(Solution $s): Solution => new Solution($s->tasks, [...$s->rings, 'a:ring' => 'back'], $s->visits),
    ],
    'a ring that is out' => [
        Rule::RingOut,
        fn(Solution $s): Solution => new Solution($s->tasks, [...$s->rings, 'b:ring' => 'back'], $s->visits),
        [['rings', 1, 'out', [[30, 60]]]],
    ],
    'two pots on a ring' => [Rule::OneStayARing, function (Solution $s): Solution {
        $both = Services::moved($s, ['b/roux' => 108, 'b/simmer' => 116]);

        return new Solution($both->tasks, ['a:ring' => 'front', 'b:ring' => 'front'], []);
    }],
    'more pans than there are' => [Rule::Slots, fn(Solution $s): Solution => $s, [['stores', 0, 'slots', 0]]],
    'an oven at two heats' => [
        Rule::OneHeat,
        fn(Solution $s): Solution => Services::moved($s, ['b/strain' => 70]),
        [['uses', 1, 'on', 'oven'], ['uses', 1, 'at', 160], ['uses', 3, 'from', 'a/roux'], ['uses', 3, 'at', 80]],
    ],
]);
