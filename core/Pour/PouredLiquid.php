<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Exception\OutOfRange;
use Lento\Larder\Ingredient;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** The liquid that a roux is to take: how much, how hot, and how much heat a gram of it keeps. */
final readonly class PouredLiquid
{
    private const BOIL = 100.0;

    /**
     * @param float $heat J/(g K)
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public Mass $mass, public Temperature $temperature, public float $heat)
    {
        OutOfRange::refuse('heat-capacity', $heat, 0.0, 10.0, 'J/(g K)');
    }

    /** As hot as a school wants it. */
    public static function of(School $school, Mass $mass, Ingredient $kind): self
    {
        return new self($mass, Temperature::ofCelsius($school->liquidCelsius()), $kind->heatCapacity());
    }

    /** @return Temperature of roux, pan and all of it, however many pours it took; 100 °C at most */
    public function onto(RouxInPan $roux): Temperature
    {
        $added = $this->mass->inGrams() * $this->heat;
        $all = $roux->capacity() + $added;

        return Temperature::ofCelsius(min(
            self::BOIL,
            ($roux->capacity() * $roux->temperature->inCelsius() + $added * $this->temperature->inCelsius()) / $all,
        ));
    }
}
