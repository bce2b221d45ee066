<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Larder\Acidity;
use Lento\Larder\Ingredient;
use Lento\Larder\Makeup;
use Lento\Larder\Role;
use Lento\Quantity\Density;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** What meets the roux, or is reduced: one liquid or several in fixed shares of the volume, measured cold. */
final readonly class Liquid
{
    /** l of espagnole that is worked out to know what one is made of: a pot of usual size. */
    private const ESPAGNOLE_LITRES = 2.0;

    /**
     * @param non-empty-list<array{Ingredient, float}> $parts each with its share of the volume, the one it is named by first
     * @param Ingredient $kind all of them as one
     * @param Sauce $perGram a gram of it as sauce
     */
    private function __construct(public array $parts, public Ingredient $kind, public Sauce $perGram) {}

    public static function of(Question $question): self
    {
        $gram = Mass::ofGrams(1.0);
        $main = $question->larder->ingredient($question->liquid);
        $beside = $question->formula->beside;
        if ($beside === []) {
            return new self([[$main, 1.0]], $main, Sauce::nothing()->with($main, $gram));
        }
        $parts = [[$main, $question->formula->share()]];
        $millilitre = self::millilitre($main, $question->formula->share());
        foreach ($beside as $id => $share) {
            [$kind, $sauce] = $id === Base::Espagnole->value
                ? self::espagnole($question, $share)
                : [$question->larder->ingredient($id), self::millilitre($question->larder->ingredient($id), $share)];
            $parts[] = [$kind, $share];
            $millilitre = $millilitre->plus($sauce);
        }

        return new self($parts, Ingredient::blend($main->id, $parts), $millilitre->times(1.0 / $millilitre->grams()));
    }

    /** @return list<array{Ingredient, Mass}> what each part of so much weighs */
    public function split(Mass $all): array
    {
        $volume = $this->kind->density->volumeOf($all);

        return array_map(
            static fn(array $part): array => [$part[0], $part[0]->density->massOf(Volume::ofCubicMetres($part[1] * $volume->cubicMetres))],
            $this->parts,
        );
    }

    private static function millilitre(Ingredient $kind, float $share): Sauce
    {
        return Sauce::nothing()->with($kind, $kind->density->massOf(Volume::ofMillilitres($share)));
    }

    /** @return array{Ingredient, Sauce} what an espagnole weighs and holds, and so many ml of one, cooked */
    private static function espagnole(Question $question, float $millilitres): array
    {
        $sheet = $question->espagnole
        ?? (new Composer())->answer(
            Question::of(
                Base::Espagnole,
                Volume::ofLitres(self::ESPAGNOLE_LITRES),
                in: new InKitchen(larder: $question->larder, kitchen: $question->kitchen),
            ),
        );
        $end = $sheet->served;
        $grams = $end->grams();
        $kind = Ingredient::of(
            Base::Espagnole->value,
            Role::Liquid,
            Density::ofGramsPerMillilitre($grams / $end->millilitres()),
            Makeup::of($end->waterGrams / $grams, $end->fatGrams / $grams, $end->solidsGrams / $grams),
            new Acidity($end->pH(), 0.0),
            $sheet->allergens(),
        );

        return [$kind, $end->times($millilitres / $end->millilitres())];
    }
}
