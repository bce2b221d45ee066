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
use Lento\Family\Asking;
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

    /** l, for a question whose amount is changed before it is asked. */
    private const USUAL_LITRES = '2';

    public function __construct(private Kitchen $kitchen) {}

    public function workplace(): Workplace
    {
        $kitchen = $this->kitchen;
        $known = $kitchen->learns()
            ? $kitchen->notebook()->factors(Length::ofMillimetres(self::USUAL_PAN), SimmerLevel::Brisk, HobHeat::Medium)
            : KitchenFactors::house();
        $formulas = array_combine(array_column(Base::cases(), 'value'), array_map($kitchen->formula(...), Base::cases()));

        $pans = PanShelf::of(array_values(array_map(static fn(OwnPan $pan): Pan => $pan->measured(), $kitchen->pans)));

        return new Workplace($kitchen->larder(), $pans, $known, $kitchen->boilsAt(), $formulas, $this->asking());
    }

    /** Just as the Compose page asks for them, so that the sheet of a base is the same there and at the stove. */
    private function asking(): Asking
    {
        $kitchen = $this->kitchen;
        $usual = array_map(
            static fn(Base $base): ?Question => QuestionReader::read(['sauce' => $base->value, 'amount' => self::USUAL_LITRES], $kitchen)
                ->question,
            Base::cases(),
        );
        $heat = HobHeat::tryFrom($kitchen->usual()['heat'] ?? '') ?? HobHeat::Medium;

        return Asking::of(
            array_values(array_filter($usual)),
            $heat,
            $kitchen->firstHob()?->rated(),
            $kitchen->learns() ? $kitchen->notebook() : null,
            $kitchen->ring(''),
        );
    }

    public function fields(Base $base, string $liquid, Volume $yield, EquivalentFlour $thickness, Pan $pan): ComposeFields
    {
        $own = $this->own($pan);

        return ComposeFields::from([
            'sauce' => $base->value,
            'liquid' => $liquid,
            'amount' => sprintf('%.4F', $yield->inLitres()),
            'thickness' => TypedNumber::plain($thickness->gramsPerLitre),
            ...$own === null
                ? [
                    'diameter' => sprintf('%.0F', $pan->diameter->inMillimetres()),
                    'height' => sprintf('%.0F', $pan->height->inMillimetres()),
                ]
                : ['pan' => (string) $own->id],
        ]);
    }

    /** The kitchen's pan that it is; null for one that was made up because none holds the pot. */
    public function own(Pan $pan): ?OwnPan
    {
        foreach ($this->kitchen->pans as $own) {
            $measured = $own->measured();
            $off = abs($measured->diameter->metres - $pan->diameter->metres) + abs($measured->height->metres - $pan->height->metres);
            if ($off < 1e-6) {
                return $own;
            }
        }

        return null;
    }
}
