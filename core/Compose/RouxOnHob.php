<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Roux\BrownedButter;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;

/** A question's roux in its pan on the hob, its butter browned first where it asks for that. */
final readonly class RouxOnHob
{
    private function __construct(public HobRoux $hob, public ?BrownedButter $browned) {}

    /**
     * @param HobHeat|null $heat under the flour; the question's if null
     * @param KitchenFactors|null $kitchen how fast it browns here; as the question knows it if null
     *
     * @throws OutOfRange if no pan so wide is so light
     */
    public static function of(Question $question, Roux $roux, ?HobHeat $heat = null, ?KitchenFactors $kitchen = null): self
    {
        $pan = $question->pan;
        $least = $pan->leastMass()->inKilograms();
        if ($pan->mass()->inKilograms() < $least - 1e-9) {
            throw OutOfRange::between('pan-weight', $pan->mass()->inKilograms(), $least, Pan::MOST_KILOGRAMS, 'kg');
        }
        $browned = $question->brownsButter()
            ? BrownedButter::inPan($roux->fatKind, $roux->fat, $pan->diameter, $pan->mass(), $question->heat)
            : null;
        $inPan = $browned === null ? $roux : Roux::of($roux->flourKind, $roux->flour, $browned->fat, $browned->left);

        return new self(
            HobRoux::inPan(
                $inPan,
                new PanBottom($pan->diameter, $pan->mass()),
                $heat ?? $question->heat,
                ($kitchen ?? $question->kitchen)->browning->value,
                $browned?->temperature,
            ),
            $browned,
        );
    }
}
