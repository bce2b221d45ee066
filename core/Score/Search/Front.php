<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * Plans put in from the front: everything as soon as it can be done from now on. When each sauce is ready then is what a plan from behind
 * is granted, and its order that in which things end, turned round (double justification).
 */
final class Front
{
    private readonly Problem $mirror;

    private readonly Decoder $decoder;

    private readonly Orders $orders;

    private readonly Orders $turned;

    private readonly Moves $moves;

    /** @param array<int, int> $granted at the least */
    public function __construct(private readonly Problem $problem, Dice $dice, private readonly array $granted)
    {
        $this->mirror = $problem->mirror();
        $this->decoder = new Decoder($this->mirror);
        $this->orders = new Orders($problem);
        $this->turned = new Orders($this->mirror);
        $this->moves = new Moves($this->mirror, $dice, []);
    }

    public function steps(): int
    {
        return $this->decoder->steps;
    }

    /** How much one plan may cost, by the task. */
    public function bear(int $patience): void
    {
        $this->decoder->patience = $patience;
    }

    /** @param array<int, int> $order of phrases, those first that go in first */
    public function inOrder(array $order): ?Tried
    {
        return $this->tried(Line::of($order, array_fill(0, count($this->granted), 0)));
    }

    /** A change of what a plan is from the front, close to it. */
    public function next(Tried $now): ?Tried
    {
        $front = $now->front;
        if ($front === null && $now->plan !== null) {
            $plan = $now->plan->mirror($this->problem);
            $line = Line::of($this->turned->byEnd($plan->start), array_fill(0, count($this->granted), 0));
            $front = Tried::of($line, $plan, $this->mirror);
        }

        return $front === null ? null : $this->tried($this->moves->next($front));
    }

    private function tried(Line $line): ?Tried
    {
        $turned = $this->decoder->decode($line);
        if ($turned === null) {
            return null;
        }
        $plan = $turned->mirror($this->problem);
        $granted = [];
        foreach ($this->problem->dues as $s => $due) {
            $granted[] = max($this->granted[$s], $plan->start[$due->last] + $this->problem->minutes[$due->last] - $due->due, 0);
        }
        $behind = Line::of($this->orders->byEnd($plan->start), $granted);

        return Tried::of($behind, $plan, $this->problem)->behind(Tried::of($line, $turned, $this->mirror));
    }
}
