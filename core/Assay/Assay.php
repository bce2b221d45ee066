<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Compose\Warning;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Finish\Finishing;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;

/** What somebody else's recipe will come out as. */
final readonly class Assay
{
    /**
     * @param Mass $liquid milk, stock, water and the water of wine and cream
     * @param Volume $liquidVolume the same, as measured
     * @param Duration $simmer with what a reduction needs beyond the recipe's own
     * @param Duration|null $reducing of that, for the reduction alone
     * @param list<Finishing> $finishes
     * @param list<Warning> $warnings
     */
    private function __construct(
        public Recipe $recipe,
        public Mass $flour,
        public Mass $fat,
        public Mass $liquid,
        public Volume $liquidVolume,
        public Colour $colour,
        public Pan $pan,
        public Duration $simmer,
        public ?Duration $reducing,
        public SimmerLevel $level,
        public array $finishes,
        public Sauce $end,
        public Volume $yield,
        public Volume $evaporated,
        public EquivalentFlour $thickness,
        public ThicknessForecast $outlook,
        public Flow $flow,
        public SpoonTest $spoon,
        public array $warnings,
        public MeasuredSpread $measured,
    ) {}

    /**
     * @throws Missing if no flour or starch, or no liquid, could be read
     * @throws OutOfRange if it is more than any pan holds
     */
    public static function of(Recipe $recipe, Larder $larder): self
    {
        $list = ShoppingList::of($recipe, $larder);
        $pot = PotByRecipe::of($recipe, $list);
        $measured = MeasuredSpread::of($recipe, $larder);
        $spread = ThicknessForecast::deviation($pot->end, $pot->roux->shade, new Spread(KitchenFactors::house()));
        $steam = $recipe->reduce === null ? $pot->evaporated()->inMillilitres() / $pot->end->millilitres() : 0.0;
        $spread = hypot($spread, (new Spread(KitchenFactors::house()))->ofThicknessBySteam($steam));
        $outlook = ThicknessForecast::within($pot->end, min(ThicknessForecast::VAGUEST, hypot($spread, $measured->deviation)));
        $flow = Flow::of($pot->end, Temperature::ofCelsius(EquivalentFlour::CELSIUS));

        return new self(
            $recipe,
            $list->flour,
            $list->fat,
            $list->liquid,
            $list->liquidVolume,
            $pot->colour,
            $pot->pan,
            $pot->simmer,
            $pot->reducing,
            $pot->level,
            $pot->finishes,
            $pot->end,
            $pot->yield(),
            $pot->evaporated(),
            $outlook->likely,
            $outlook,
            $flow,
            SpoonTest::of($flow),
            AssayWarnings::for($recipe, $list, $pot),
            $measured,
        );
    }

    /** @return float by mass */
    public function fatToFlour(): float
    {
        return $this->fat->kilograms / $this->flour->kilograms;
    }

    /** @return float by mass */
    public function rouxToLiquid(): float
    {
        return ($this->flour->kilograms + $this->fat->kilograms) / $this->liquid->kilograms;
    }
}
