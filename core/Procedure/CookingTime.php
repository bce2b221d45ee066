<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Heat\HeatCapacity;
use Lento\Heat\HobHeat;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Pot\Pan;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;

/**
 * Minutes of sweating, browning and boiling down apart: by custom, or until the heat is in that they need, whichever is longer.
 *
 * Heat = what is driven off × 2257 J/g + warming; the pan takes its level's flux over its base, and no more than its ring gives.
 * Source: docs/model.md, T14; shares driven off and minutes are custom of the trade.
 */
final readonly class CookingTime
{
    /** J/g from a cold vegetable, or cold wine, to its boil. Source: docs/model.md, T14. */
    private const WARMING = 330.0;

    /** Share of the raw weight that is driven off. */
    private const DRIVEN_OFF = ['sweat' => 0.25, 'render' => 0.25, 'brown' => 0.40, 'brown-deep' => 0.65];

    private const MUSHROOMS_DRIVEN_OFF = 0.50;

    /** Of meat, by any heat: an estimate of the house, ±0.1. */
    private const MEAT_DRIVEN_OFF = 0.30;

    private const MEATS = ['giblets', 'liver', 'minced-beef'];

    /** min by custom: no less, however little there is. */
    private const LEAST = ['sweat' => 6.0, 'render' => 6.0, 'brown' => 12.0, 'brown-deep' => 25.0, 'deglaze' => 4.0, 'reduce-apart' => 4.0];

    private const LEAST_FOR_MUSHROOMS = 8.0;

    private const MUSHROOMS = ['mushroom'];

    /** mm of vegetables that brown in a pan and do not stew. */
    private const DEEP = 25.0;

    /** cm: what is fried apart goes into one of these where the kitchen has told of no pans. */
    private const USUAL_PANS = [24.0, 28.0, 32.0, 36.0, 40.0, 50.0];

    private function __construct(public Duration $time, public int $batches, public Pan $pan, public HobHeat $heat) {}

    /**
     * @param list<array{string, Ingredient|Fat, Mass}> $fried what is cooked, raw
     * @param Volume $room that it takes raw
     * @param Power|null $ring that reaches the pan at most; null for no limit
     */
    public static function frying(Act $act, array $fried, Volume $room, Pan $pan, ?Power $ring = null): self
    {
        $heat = $act->kind === ActKind::Sweat || $act->kind === ActKind::Render ? HobHeat::Medium : HobHeat::MediumHigh;
        [$joules, $mushrooms] = [0.0, false];
        foreach ($fried as [$id, $kind, $mass]) {
            $share = $kind instanceof Ingredient && $kind->role === Role::Vegetable ? self::drivenOff($act->kind, $id) : 0.0;
            $joules += self::joules($mass, $share);
            $mushrooms = $mushrooms || self::isMushroom($id);
        }
        $custom = $act->least->inMinutes() > 0.0
            ? $act->least->inMinutes()
            : ($mushrooms ? self::LEAST_FOR_MUSHROOMS : self::LEAST[$act->kind->value] ?? 0.0);
        $holds = $pan->holds(Length::ofMillimetres(self::DEEP));
        $batches = $act->kind === ActKind::Sweat ? 1 : max(1, (int) ceil($room->cubicMetres / $holds->cubicMetres - 1e-6));

        return new self(Duration::ofMinutes(max($custom, self::minutes($joules, $pan, $heat, $ring))), $batches, $pan, $heat);
    }

    /** @param float $share of it that is boiled off */
    public static function boilingDown(Act $act, Mass $liquid, float $share, Pan $pan, ?Power $ring = null): self
    {
        $custom = max($act->least->inMinutes(), self::LEAST[$act->kind->value] ?? 0.0);
        $needed = self::minutes(self::joules($liquid, $share), $pan, HobHeat::High, $ring);

        return new self(Duration::ofMinutes(max($custom, $needed)), 1, $pan, HobHeat::High);
    }

    /** @return float share of the raw weight that is driven off; 0 where nothing is fried */
    public static function drivenOff(ActKind $kind, string $ingredient = ''): float
    {
        return match (true) {
            !$kind->fries() => 0.0,
            self::isMushroom($ingredient) => self::MUSHROOMS_DRIVEN_OFF,
            in_array($ingredient, self::MEATS, true) => self::MEAT_DRIVEN_OFF,
            default => self::DRIVEN_OFF[$kind->value] ?? 0.0,
        };
    }

    public static function isMushroom(string $ingredient): bool
    {
        return in_array($ingredient, self::MUSHROOMS, true);
    }

    /** Whether so much lies in it no deeper than it browns. */
    public static function browns(Pan $pan, Volume $room): bool
    {
        return $pan->depth($room)->inMillimetres() <= self::DEEP + 1e-6;
    }

    /** The smallest usual pan in which so much lies no deeper than it browns; the widest where none is wide enough. */
    public static function panFor(Volume $room): Pan
    {
        foreach (self::USUAL_PANS as $centimetres) {
            $pan = Pan::wide($centimetres);
            if (self::browns($pan, $room)) {
                return $pan;
            }
        }

        return Pan::wide(self::USUAL_PANS[count(self::USUAL_PANS) - 1]);
    }

    private static function joules(Mass $mass, float $drivenOff): float
    {
        return $mass->inGrams() * (self::WARMING + $drivenOff * HeatCapacity::STEAM);
    }

    private static function minutes(float $joules, Pan $pan, HobHeat $heat, ?Power $ring): float
    {
        return $joules / min($heat->flux() * $pan->areaSquareCentimetres(), $ring->watts ?? INF) / 60.0;
    }
}
