<?php

declare(strict_types=1);

namespace App\Practice;

use App\Family\KitchenWorkplace;
use App\Family\Liquids;
use App\Kitchen\Kitchen;
use Lento\Exception\LentoException;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Plan\Plan;
use Lento\Practice\Draw;
use Lento\Quantity\Volume;

/** Which sauce one practises, and how much of it: as this kitchen makes it. */
final readonly class Wanted
{
    public const LEAST_LITRES = 0.2;

    public const MOST_LITRES = 40.0;

    private function __construct(public string $sauce, public string $liquid, public float $litres, public Plan $plan) {}

    /** @throws LentoException if it cannot be made so */
    public static function of(string $sauce, string $liquid, float $litres, Kitchen $kitchen): self
    {
        $catalogue = $kitchen->catalogue();
        $liquids = Liquids::of($sauce, $catalogue, $kitchen);
        $liquid = in_array($liquid, $liquids, true) ? $liquid : $liquids[0];
        $workplace = (new KitchenWorkplace($kitchen))->workplace();
        $flow = ServiceFlow::of(Service::of([new Wish($sauce, $liquid, Volume::ofLitres($litres))]), $catalogue, $workplace);
        $node = $flow->node($sauce . '@' . $liquid);

        return new self(
            $sauce,
            $liquid,
            $litres,
            $node->sheet?->plan() ?? $node->derived?->plan($catalogue->root($sauce), $workplace) ?? Plan::free(),
        );
    }

    /**
     * Any of those that the kitchen makes, the same for the same seed.
     *
     * @param non-empty-list<string> $sauces
     */
    public static function surprise(int $seed, array $sauces): string
    {
        return $sauces[Draw::from($seed)->next()->next()->below(count($sauces))];
    }
}
