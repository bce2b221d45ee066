<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Compose\CookedRoux;
use Lento\Exception\NotReachable;
use Lento\Finish\Finishing;
use Lento\Heat\HeatCapacity;
use Lento\Heat\HobHeat;
use Lento\Larder\Fat;
use Lento\Pot\ComingUp;
use Lento\Pot\Pan;
use Lento\Pot\PouringIn;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\Straining;
use Lento\Pour\PouredLiquid;
use Lento\Pour\RouxInPan;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Thickness\Sauce;

/** A recipe cooked: the roux to its colour, the liquid in, the simmer, the strainer. */
final readonly class PotByRecipe
{
    private const SIMMER_MINUTES = 10.0;

    private const BROWN = ['brown-stock'];

    /**
     * @param Duration $simmer with what the reduction needs beyond it
     * @param Duration|null $reducing of that, for the reduction alone
     * @param bool $reduced whether it got down to where the recipe wants it
     * @param Sauce $simmered before straining and finishing
     * @param list<Finishing> $finishes
     */
    private function __construct(
        public Colour $colour,
        public Pan $pan,
        public Duration $simmer,
        public ?Duration $reducing,
        public bool $reduced,
        public SimmerLevel $level,
        public CookedRoux $roux,
        public Sauce $start,
        public Sauce $simmered,
        public array $finishes,
        public Sauce $end,
        private Mass $vegetables,
        private bool $strained,
        private float $vegetableMillilitres,
    ) {}

    public static function of(Recipe $recipe, ShoppingList $list): self
    {
        $pan = $recipe->pan ?? self::usualPan($list);
        $level = $recipe->level ?? SimmerLevel::Simmer;
        [$roux, $colour] = self::cooked($recipe->roux, $list, $pan);
        $start = self::mixed($list, $roux);
        $simmer = new Simmer($pan, $level);
        $time = $recipe->simmer ?? Duration::ofMinutes(self::SIMMER_MINUTES);
        $simmered = $simmer->for(self::boiled($start, $list, $roux, $pan), $time);
        [$reducing, $reduced] = self::reducing($recipe, $start, $simmered, $simmer);
        $time = Duration::ofSeconds($time->seconds + ($reducing->seconds ?? 0.0));
        $simmered = $reducing === null ? $simmered : $simmer->for($simmered, $reducing);
        $finishes = self::finished($simmered, $list);
        $end = $finishes === [] ? $simmered : $finishes[count($finishes) - 1]->sauce;
        $strained = $recipe->strain ?? true;

        return new self(
            $colour,
            $pan,
            $time,
            $reducing,
            $reduced,
            $level,
            $roux,
            $start,
            $simmered,
            $finishes,
            $end,
            $list->vegetables,
            $strained,
            $list->vegetablesVolume->inMillilitres(),
        );
    }

    /** What leaves the strainer; or what stands in the pot where nothing is strained. */
    public function yield(): Volume
    {
        $pot = $this->end->millilitres() * (1.0 - Straining::CLING);
        $held = Straining::HELD_PER_VEGETABLE * $this->vegetables->inGrams() * $this->end->millilitres() / $this->end->grams();

        return Volume::ofMillilitres(max(0.0, $this->strained ? $pot - $held : $pot + $this->vegetableMillilitres));
    }

    public function evaporated(): Volume
    {
        return Volume::ofMillilitres($this->start->millilitres() - $this->simmered->millilitres());
    }

    /** @return array{Duration|null, bool} how much longer than the simmer, and whether it gets there at all */
    private static function reducing(Recipe $recipe, Sauce $start, Sauce $simmered, Simmer $simmer): array
    {
        if ($recipe->reduce === null) {
            return [null, true];
        }
        try {
            return [$simmer->timeDownTo($simmered, $recipe->reduce->target($start->volume())), true];
        } catch (NotReachable) {
            return [null, false];
        }
    }

    /** @return list<Finishing> one after the other */
    private static function finished(Sauce $sauce, ShoppingList $list): array
    {
        $finishes = [];
        foreach ($list->finishes as [$kind, $mass]) {
            $finishes[] = $finishing = Finishing::of($sauce, $kind, $mass, Finishing::usualTemperature($kind));
            $sauce = $finishing->sauce;
        }

        return $finishes;
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

    /**
     * To its colour, or for its minutes: of both, the colour is what is seen, and the minutes cook out the taste.
     *
     * @return array{CookedRoux, Colour}
     */
    private static function cooked(RouxAsWritten $says, ShoppingList $list, Pan $pan): array
    {
        $colour = $says->colour ?? self::usualColour($list);
        if ($list->fats === []) {
            return [CookedRoux::byColourAlone($colour->shade()), $colour];
        }
        $roux = Roux::of($list->flours[0][0], $list->flour, self::chief($list->fats), $list->fat);
        $hob = HobRoux::inPan($roux, new PanBottom($pan->diameter, $pan->mass()), HobHeat::Medium);
        try {
            $state = $says->cooked === null ? $hob->until($colour->shade()) : $hob->after($says->cooked);
            $shade = $says->colour === null && $says->cooked !== null ? $state->shade : $colour->shade();

            return [CookedRoux::after($roux, $state, $shade), $says->colour ?? self::nearest($shade)];
        } catch (NotReachable) {
            return [CookedRoux::byColourAlone($colour->shade()), $colour];
        }
    }

    private static function nearest(Shade $shade): Colour
    {
        $colours = Colour::cases();
        usort(
            $colours,
            static fn(Colour $a, Colour $b): int => abs($a->shade()->value - $shade->value) <=> abs($b->shade()->value - $shade->value),
        );

        return $colours[0];
    }

    /** As the procedure has it: liquid onto the roux, or a slurry into liquid that boils, and all of it brought to the boil. */
    private static function boiled(Sauce $mixed, ShoppingList $list, CookedRoux $roux, Pan $pan): Sauce
    {
        $paste = $list->fats === [] ? Mass::ofGrams(0.0) : Mass::ofGrams($list->flour->inGrams() + $list->fat->inGrams());
        $school = $list->fats === [] ? School::RouxIntoBoiling : School::ColdOnHot;
        $met = RouxInPan::of($paste, $roux->forecast->temperature ?? Temperature::ofCelsius($school->rouxCelsius()), $pan->mass());
        $liquid = new PouredLiquid(
            Mass::ofGrams(max(0.0, $mixed->grams() - $paste->inGrams())),
            Temperature::ofCelsius($school->liquidCelsius()),
            HeatCapacity::WATER,
        );

        $poured = PouringIn::of($school, $met, $liquid, $pan);

        return (new ComingUp($pan))->to($mixed->withoutWater(Mass::ofGrams($poured->steamGrams)), $poured->mixed);
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
