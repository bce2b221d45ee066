<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Questions\ComposeFields;
use App\Questions\QuestionReader;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Question;
use Lento\Family\PanShelf;
use Lento\Family\Workplace;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;

/** This kitchen as the core's services know it: its larder, pans and formulas, and its own way of asking for a base. */
final readonly class KitchenWorkplace
{
    /** mm of the pan that stands for the others where what was learnt of steam is asked for: a usual one. */
    private const USUAL_PAN = 240.0;

    public function __construct(private Kitchen $kitchen) {}

    public function workplace(): Workplace
    {
        $kitchen = $this->kitchen;
        $known = $kitchen->learns()
            ? $kitchen->notebook()->factors(Length::ofMillimetres(self::USUAL_PAN), SimmerLevel::Brisk, HobHeat::Medium)
            : KitchenFactors::house();
        $formulas = array_combine(array_column(Base::cases(), 'value'), array_map($kitchen->formula(...), Base::cases()));

        return new Workplace($kitchen->larder(), PanShelf::of(array_values(array_map(static fn(OwnPan $pan): Pan => $pan->measured(), $kitchen->pans))), $known, $kitchen->boilsAt(), $this->question(...), $formulas);
    }

    /** Just as the Compose page would ask it, so that the sheet of a base is the same there and at the stove. */
    private function question(Base $base, string $liquid, Volume $yield, EquivalentFlour $thickness, Pan $pan): Question
    {
        $question = QuestionReader::read($this->fields($base, $liquid, $yield, $thickness, $pan)->toRead(), $this->kitchen)->question
            ?? Question::of($base, $yield, liquid: $liquid, thickness: $thickness, pan: $pan, larder: $this->kitchen->larder(), formula: $this->kitchen->formula($base), boilsAt: $this->kitchen->boilsAt());

        return $question->inKitchen($this->kitchen->factorsFor($question, $this->kitchen->ring('')));
    }

    public function fields(Base $base, string $liquid, Volume $yield, EquivalentFlour $thickness, Pan $pan): ComposeFields
    {
        $own = $this->own($pan);

        return ComposeFields::from([
            'sauce' => $base->value,
            'liquid' => $liquid,
            'amount' => sprintf('%.4F', $yield->inLitres()),
            'thickness' => TypedNumber::plain($thickness->gramsPerLitre),
            ...($own === null ? ['diameter' => sprintf('%.0F', $pan->diameter->inMillimetres()), 'height' => sprintf('%.0F', $pan->height->inMillimetres())] : ['pan' => (string) $own->id]),
        ]);
    }

    /** The kitchen's pan that it is; null for one that was made up because none holds the pot. */
    public function own(Pan $pan): ?OwnPan
    {
        foreach ($this->kitchen->pans as $own) {
            if (abs($own->millimetresWide / 1000.0 - $pan->diameter->metres) < 1e-6 && abs($own->millimetresHigh / 1000.0 - $pan->height->metres) < 1e-6) {
                return $own;
            }
        }

        return null;
    }
}
