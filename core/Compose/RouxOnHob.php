<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Procedure\ActKind;
use Lento\Procedure\CookingTime;
use Lento\Procedure\Dosed;
use Lento\Procedure\Vessel;
use Lento\Quantity\Mass;
use Lento\Roux\BrownedButter;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;

/** A question's roux in its pan on the hob, its butter browned first where it asks for that. */
final readonly class RouxOnHob
{
    private function __construct(public HobRoux $hob, public ?BrownedButter $browned) {}

    /** What was softened in the fat, and lies in the pan when the flour goes in. */
    public static function beside(Question $question): Mass
    {
        $grams = 0.0;
        foreach ($question->procedure->acts as $act) {
            if ($act->kind === ActKind::Colour) {
                break;
            }
            $shares = $act->kind->fries() && $act->vessel === Vessel::Pan;
            foreach ($shares ? Dosed::all($act, $question->yield, $question->larder) : [] as $one) {
                $left = 1.0 - CookingTime::drivenOff($act->kind, $one->dose->ingredient);
                $grams += $one->isVegetable() ? $left * $one->mass->inGrams() : 0.0;
            }
        }

        return Mass::ofGrams($grams);
    }

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
                new PanBottom($pan->diameter, $pan->mass(), beside: self::beside($question)),
                $heat ?? $question->heat,
                ($kitchen ?? $question->kitchen)->browning->value,
                $browned?->temperature,
            ),
            $browned,
        );
    }
}
