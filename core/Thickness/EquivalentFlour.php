<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Viscosity;

/**
 * The kitchen's scale of thickness: grams of flour in a litre of white-roux béchamel that flows alike at 10 1/s and 60 °C.
 *
 * Errors of the absolute viscosity cancel on it. Source: docs/model.md, D.
 */
final readonly class EquivalentFlour
{
    public const LEAST = 0.0;

    public const MOST = 200.0;

    /** The shear rate and temperature of serving and tasting. */
    public const SHEAR = 10.0;

    public const CELSIUS = 60.0;

    /** Viscosity grows with about the 3.4th power of flour; its root is nearly a straight line, which a secant finds in a few steps. */
    private const STRAIGHTENS = 1.0 / 3.4;

    private function __construct(public float $gramsPerLitre) {}

    /** @throws OutOfRange outside 0 to 200 g/l */
    public static function ofGramsPerLitre(float $gramsPerLitre): self
    {
        if (!is_finite($gramsPerLitre) || $gramsPerLitre < self::LEAST || $gramsPerLitre > self::MOST) {
            throw OutOfRange::between('thickness', $gramsPerLitre, self::LEAST, self::MOST, 'g flour per litre');
        }

        return new self($gramsPerLitre);
    }

    /** How thick a sauce is, tasted at 60 °C. */
    public static function of(Sauce $sauce): self
    {
        return self::ofViscosity(
            Viscosity::ofPascalSeconds(Flow::apparent($sauce->suspension(), 1.0, Flow::waterViscosity(self::CELSIUS))),
        );
    }

    /** Clamped to 0 and 200 g/l at the ends. */
    public static function ofViscosity(Viscosity $at60Celsius): self
    {
        return new self(ReferenceBechamel::house()->flourFor($at60Celsius->pascalSeconds));
    }

    /** The reference béchamel's apparent viscosity at 10 1/s and 60 °C. */
    public function viscosity(): Viscosity
    {
        return Viscosity::ofPascalSeconds(ReferenceBechamel::house()->viscosity($this->gramsPerLitre));
    }

    /** @internal a measure of thickness that is nearly straight in flour, for whoever solves for flour */
    public static function straightened(float $pascalSeconds): float
    {
        return $pascalSeconds ** self::STRAIGHTENS;
    }

    public function thicknessClass(): ThicknessClass
    {
        return ThicknessClass::of($this);
    }
}
