<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Pot;
use App\Records\EventCodec;
use App\Records\Node;
use App\Records\PlanCodec;
use Carbon\CarbonImmutable;
use Lento\Course\Outcome;
use Lento\Plan\Promise;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;

/** A pot as a list of the log needs it: what was promised, what came out, and what is made of that for the next time. */
final readonly class LoggedPot
{
    public const COLUMNS = ['id', 'name', 'sauce', 'started_at', 'finished_at', 'cook', 'plan', 'outcome'];

    /** @param array{flour_g: float, flour_change: float, liquid_ml: float, liquid_change: float}|null $next */
    private function __construct(
        public int $id,
        public string $name,
        public CarbonImmutable $startedAt,
        public ?CarbonImmutable $finishedAt,
        public ?string $cook,
        public ?Promise $promise,
        public Duration $planned,
        public ?Length $depth,
        public ?Outcome $outcome,
        public ?array $next,
    ) {}

    public static function of(Pot $pot): self
    {
        // Straight from what is stored: a page lists forty of them, and needs none of their steps.
        $stored = $pot->getAttributes()['plan'] ?? null;
        $plan = json_decode(is_string($stored) ? $stored : '', true, 64);
        [$planned, $depth] = PlanCodec::inShort($plan);
        $outcome = $pot->outcome === null ? null : Node::root($pot->outcome, 'outcome');

        return new self(
            $pot->id,
            $pot->name,
            $pot->started_at,
            $pot->finished_at,
            $pot->cook,
            PlanCodec::promiseOf($plan),
            $planned,
            $depth,
            $outcome === null ? null : EventCodec::toOutcome($outcome),
            self::next($outcome?->maybe('next')),
        );
    }

    /** @return array{flour_g: float, flour_change: float, liquid_ml: float, liquid_change: float}|null */
    private static function next(?Node $node): ?array
    {
        return $node === null ? null : [
            'flour_g' => $node->get('flour_g')->float(),
            'flour_change' => $node->get('flour_change')->float(),
            'liquid_ml' => $node->get('liquid_ml')->float(),
            'liquid_change' => $node->get('liquid_change')->float(),
        ];
    }
}
