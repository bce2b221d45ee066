<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Compose\CookedRoux;
use Lento\Compose\MassBalance;
use Lento\Exception\NotReachable;
use Lento\Larder\Fat;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Straining;
use Lento\Roux\Colour;
use Lento\Roux\HobHeat;
use Lento\Roux\HobRoux;
use Lento\Roux\Roux;
use Lento\Thickness\Sauce;

/** A recipe cooked: the roux to its colour, the liquid in, the simmer, the strainer. */
final readonly class Pot
{
    private const SIMMER_MINUTES = 10.0;

    private const BROWN = ['brown-stock'];

    private function __construct(
        public Colour $colour,
        public Pan $pan,
        public Duration $simmer,
        public SimmerLevel $level,
        public CookedRoux $roux,
        public Sauce $start,
        public Sauce $end,
        private Mass $vegetables,
    ) {}

    public static function of(Recipe $recipe, ShoppingList $list): self
    {
        $colour = $recipe->colour ?? self::usualColour($list);
        $pan = $recipe->pan ?? self::usualPan($list);
        $simmer = $recipe->simmer ?? Duration::ofMinutes(self::SIMMER_MINUTES);
        $level = $recipe->level ?? SimmerLevel::Simmer;
        $roux = self::cooked($list, $pan, $colour);
        $start = self::mixed($list, $roux);

        return new self($colour, $pan, $simmer, $level, $roux, $start, (new Simmer($pan, $level))->for($start, $simmer), $list->vegetables);
    }

    /** What leaves the strainer. */
    public function yield(): Volume
    {
        $held = Straining::HELD_PER_VEGETABLE * $this->vegetables->inGrams() * $this->end->millilitres() / $this->end->grams();

        return Volume::ofMillilitres(max(0.0, $this->end->millilitres() * (1.0 - MassBalance::CLING) - $held));
    }

    public function evaporated(): Volume
    {
        return Volume::ofMillilitres($this->start->millilitres() - $this->end->millilitres());
    }

    /** Milk means white, white stock blond, brown stock brown: by what there is most of. */
    private static function usualColour(ShoppingList $list): Colour
    {
        $liquids = array_map(static fn(array $line): array => [$line[1]->inGrams(), $line[0]], $list->rest);
        usort($liquids, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        $most = $liquids[0][1];

        return match (true) {
            $most->milkSolids > 0.0 => Colour::White,
            in_array($most->id, self::BROWN, true) => Colour::Brown,
            default => Colour::Blond,
        };
    }

    private static function usualPan(ShoppingList $list): Pan
    {
        $millilitres = self::mixed($list, CookedRoux::byColourAlone(Colour::White->shade()))->millilitres();

        return Pan::suiting(Volume::ofMillilitres($millilitres));
    }

    private static function cooked(ShoppingList $list, Pan $pan, Colour $colour): CookedRoux
    {
        if ($list->fats === []) {
            return CookedRoux::byColourAlone($colour->shade());
        }
        $roux = Roux::of($list->flours[0][0], $list->flour, self::chief($list->fats), $list->fat);
        try {
            return CookedRoux::after($roux, HobRoux::inPan($roux, $pan->diameter, $pan->mass(), HobHeat::Medium)->until($colour->shade()));
        } catch (NotReachable) {
            return CookedRoux::byColourAlone($colour->shade());
        }
    }

    private static function mixed(ShoppingList $list, CookedRoux $roux): Sauce
    {
        $sauce = Sauce::nothing();
        foreach ($list->flours as [$kind, $mass]) {
            $sauce = $sauce->withThickener($kind, $mass, $roux->shade->strength(), $list->fats === [] ? 1.0 : $roux->rawTaste);
        }
        foreach ($list->fats as [$kind, $mass]) {
            $sauce = $sauce->withFat($kind, $mass);
        }
        $left = $roux->waterPerFlour * $list->flour->inGrams();
        $sauce = $list->fats === [] ? $sauce : $sauce->withoutWater(Mass::ofGrams(max(0.0, $sauce->waterGrams - $left)));
        foreach ($list->rest as [$kind, $mass]) {
            $sauce = $sauce->with($kind, $mass);
        }

        return $sauce;
    }

    /** @param non-empty-list<array{Fat, Mass}> $fats */
    private static function chief(array $fats): Fat
    {
        usort($fats, static fn(array $a, array $b): int => $b[1]->kilograms <=> $a[1]->kilograms);

        return $fats[0][0];
    }
}
