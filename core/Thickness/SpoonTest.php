<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Quantity\Length;

/**
 * What the back of a spoon shows, held upright for ten seconds.
 *
 * Film: drainage of a power-law liquid down a plate (Jeffreys), plus what the yield stress holds. Thresholds are estimates that put
 * the ladder 30 / 45 / 60 g flour per litre on its rungs. Source: docs/model.md, D, kitchen tests.
 */
final readonly class SpoonTest
{
    /** m below the top of the film, and s of draining. */
    private const BELOW_TOP = 0.04;

    private const DRAINING = 10.0;

    private function __construct(
        public Length $film,
        public bool $coats,
        public bool $lineHolds,
        public bool $ribbon,
        public bool $mounds,
        private ThicknessClass $class,
    ) {}

    public static function of(Flow $flow): self
    {
        $film = self::filmMetres($flow);

        return new self(
            Length::ofMetres($film),
            $film >= 0.30e-3,
            $flow->yield >= 1.2 && $film >= 0.45e-3,
            self::ribbonSeconds($flow) >= 2.0,
            self::moundMetres($flow) >= 5.0e-3,
            EquivalentFlour::ofViscosity($flow->viscosity(EquivalentFlour::SHEAR))->thicknessClass(),
        );
    }

    /** The word a cook says: at serving heat that of its class; hotter it looks thinner, and reads so. */
    public function word(): SpoonWord
    {
        return SpoonWord::of($this->class);
    }

    /** @return float what one side of a flat spatula carries: the weighed version of the same test */
    public function gramsPerSquareDecimetre(): float
    {
        return $this->film->inMillimetres() * Flow::DENSITY / 100.0;
    }

    private static function filmMetres(Flow $flow): float
    {
        $weight = Flow::DENSITY * Flow::GRAVITY;
        $n = $flow->index;
        $powerLaw = ((max($flow->consistency, 1e-6) / $weight) ** (1.0 / $n) * self::BELOW_TOP / self::DRAINING) ** ($n / ($n + 1.0));
        $solvent = sqrt($flow->solvent * self::BELOW_TOP / ($weight * self::DRAINING));

        return $flow->yield / $weight + sqrt($powerLaw ** 2 + $solvent ** 2);
    }

    /** Seconds a ribbon 15 mm wide stays to be seen. */
    private static function ribbonSeconds(Flow $flow): float
    {
        return 2.0 * $flow->pascalSeconds(0.3) * (2.0 * M_PI / 0.015) / (Flow::DENSITY * Flow::GRAVITY);
    }

    /** Height at which a mound stops sinking. */
    private static function moundMetres(Flow $flow): float
    {
        return sqrt(3.0) * $flow->yield / (Flow::DENSITY * Flow::GRAVITY);
    }
}
