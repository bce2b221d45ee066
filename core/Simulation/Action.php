<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Thickener;
use Lento\Pot\Lid;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;

/** One thing done to a pot, so long after it was begun. */
final readonly class Action
{
    private function __construct(
        public Duration $at,
        public ActionKind $kind,
        public Thickener|Fat|Ingredient|null $what = null,
        public ?Mass $mass = null,
        public ?Temperature $temperature = null,
        public ?Heating $heating = null,
        public ?Lid $lid = null,
        public float $stirring = 0.0,
        public ?Volume $volume = null,
    ) {}

    /** Fat into the cold pan, flour into the fat, liquid onto the roux, whatever else into the sauce. */
    public static function add(Duration $at, Thickener|Fat|Ingredient $what, Mass $mass, ?Temperature $temperature = null): self
    {
        return new self($at, ActionKind::Add, $what, $mass, $temperature ?? Temperature::ofCelsius(20.0));
    }

    public static function heat(Duration $at, Heating $heating): self
    {
        return new self($at, ActionKind::Heat, heating: $heating);
    }

    public static function lid(Duration $at, Lid $lid): self
    {
        return new self($at, ActionKind::Lid, lid: $lid);
    }

    /**
     * @param float $stirring 0 left alone to 1 stirred all the time
     *
     * @throws OutOfRange
     */
    public static function stir(Duration $at, float $stirring): self
    {
        if (!is_finite($stirring) || $stirring < 0.0 || $stirring > 1.0) {
            throw OutOfRange::between('stirring', is_finite($stirring) ? $stirring : 0.0, 0.0, 1.0, '');
        }

        return new self($at, ActionKind::Stir, stirring: $stirring);
    }

    public static function skim(Duration $at): self
    {
        return new self($at, ActionKind::Skim);
    }

    /** Some of the sauce taken out for something else. */
    public static function ladle(Duration $at, Volume $volume): self
    {
        return new self($at, ActionKind::Ladle, volume: $volume);
    }

    /** Through the strainer into another pan; vegetables and what clings stay behind. */
    public static function strain(Duration $at): self
    {
        return new self($at, ActionKind::Strain);
    }
}
