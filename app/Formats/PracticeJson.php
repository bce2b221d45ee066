<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\LookWords;
use App\Format\SauceColour;
use Lento\Plan\Plan;
use Lento\Practice\Look;
use Lento\Practice\Phase;
use Lento\Roux\Shade;
use Lento\Roux\Swatch;

/**
 * What the page of a practice pot plays: one row for each look, most of it shares from 0 to 1. No number in it is one that a cook would
 * have to measure.
 */
final readonly class PracticeJson
{
    private const DIGITS = 3;

    private function __construct() {}

    /**
     * @param list<Look> $looks
     *
     * @return array{looks: list<list<mixed>>, words: list<array{int, string, string, string}>, turns: list<int>}
     */
    public static function of(array $looks, Plan $plan): array
    {
        [$rows, $words, $turns, $said, $before, $sauce] = [[], [], [], [], null, null];
        foreach ($looks as $look) {
            // The roux of a sauce keeps its shade.
            $sauce ??= $look->phase === Phase::Sauce ? self::colour($look, $plan) : null;
            $rows[] = [
                $look->at,
                $look->phase->value,
                $look->phase === Phase::Sauce ? $sauce : self::colour($look, $plan),
                ...array_map(static fn(float $share): float => round($share, self::DIGITS), $look->shares()),
            ];
            // Most looks say what the one before has said.
            $same = $before !== null && $before->saysTheSameAs($look);
            $says = $same ? $said : LookWords::of($look);
            if ($says !== $said) {
                $words[] = [$look->at, $says['sights'], $says['smell'], $says['sound']];
                $said = $says;
            }
            if ($before !== null && $look->turnsFrom($before)) {
                $turns[] = $look->at;
            }
            $before = $look;
        }

        return ['looks' => $rows, 'words' => $words, 'turns' => $turns];
    }

    private static function colour(Look $look, Plan $plan): string
    {
        return match ($look->phase) {
            Phase::Bare, Phase::Fat => '#e9c86a',
            Phase::Paste => Swatch::ofShade($look->shade)->hex(),
            Phase::Sauce => SauceColour::ofPlan($plan, $look->shade > 0.0 ? Shade::of(min(Shade::DARKEST, $look->shade)) : null),
        };
    }
}
