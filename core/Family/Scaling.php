<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\LentoException;
use Lento\Plan\Step;
use Lento\Pot\Pan;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;

/**
 * A service made larger or smaller, and what that changes besides the amounts: doubling is not twice the time. Each pot is solved again in
 * the pan it then needs, with the steam of that pan, the minutes of its roux, and the pours that its liquid takes.
 */
final readonly class Scaling
{
    /** @param list<ScaledPot> $pots in the order of the service */
    private function __construct(public float $factor, public ServiceFlow $scaled, public array $pots) {}

    /** @throws LentoException if a base cannot be made as it would have to be */
    public static function by(float $factor, ServiceFlow $flow, Catalogue $catalogue, Workplace $workplace): self
    {
        $scaled = ServiceFlow::of($flow->service->times($factor), $catalogue, $workplace);
        $pots = [];
        foreach ($flow->pots() as $node) {
            $after = $scaled->nodes[$node->planned->key] ?? null;
            $pots = $after === null ? $pots : [...$pots, new ScaledPot($node->planned->key, self::size($node), self::size($after))];
        }

        return new self($factor, $scaled, $pots);
    }

    private static function size(FlowNode $node): PotSize
    {
        $sheet = $node->sheet;
        if ($sheet !== null) {
            $time = array_sum(array_map(static fn(Step $step): float => $step->pace->time->inMinutes(), $sheet->steps()));

            return new PotSize(
                $node->made,
                $sheet->question->pan,
                Duration::ofMinutes($time),
                $sheet->rouxForecast?->time,
                count($sheet->stair->pours),
                $sheet->evaporated,
            );
        }

        return new PotSize(
            $node->made,
            $node->derived->pan ?? Pan::suiting($node->volume()),
            $node->derived?->time() ?? Duration::ofSeconds(0.0),
            null,
            0,
            Volume::ofMillilitres($node->derived?->books->steam->inGrams() ?? 0.0),
        );
    }
}
