<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Records\ActCodec;
use App\Typed\PartsField;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Procedure;
use Lento\Thickness\ThicknessClass;

/** A derivative of the kitchen's own: the one it began as, and what is done otherwise. */
final readonly class OwnSauce
{
    public string $amounts;

    public string $more;

    public string $class;

    public string $story;

    private mixed $acts;

    public function __construct(
        public int $id,
        public string $name,
        public string $basedOn,
        OwnChanges $changes,
    ) {
        $this->amounts = $changes->amounts;
        $this->more = $changes->more;
        $this->class = $changes->class;
        $this->story = $changes->story;
        $this->acts = $changes->acts;
    }

    /** @return non-empty-string */
    public function sauceId(): string
    {
        return 'own-sauce-' . $this->id;
    }

    /** Into the catalogue; left out where what it began as is gone, or what was once written makes no sense any more. */
    public function into(Catalogue $catalogue, Larder $larder): Catalogue
    {
        try {
            $class = ThicknessClass::tryFrom($this->class);
            $base = Base::tryFrom($this->basedOn);
            if ($this->acts !== null) {
                return $catalogue->with($this->worked($catalogue, $base, $class, $this->ownActs($larder)));
            }
            if ($base !== null) {
                return $catalogue->with(
                    Derivative::begunFrom(
                        $base,
                        $this->sauceId(),
                        $class ?? Formula::house($base)->thickness->thicknessClass(),
                        $this->doses($larder),
                    ),
                );
            }

            return $catalogue->with(
                $catalogue
                    ->derivative($this->basedOn)
                    ->ownVersion($this->sauceId(), PartsField::read($this->amounts), $class, $this->doses($larder)),
            );
        } catch (LentoException) {
            return $catalogue;
        }
    }

    /** Its own acts, with the amounts that were changed since; what is gone from them is let go. */
    private function ownActs(Larder $larder): Procedure
    {
        $acts = ActCodec::decode($this->acts);
        $known = array_map(static fn(Dose $dose): string => $dose->ingredient, $acts->doses());
        $having = $acts->having(array_intersect_key(PartsField::read($this->amounts), array_flip($known)), 'part-of-the-sauce');
        $more = $this->doses($larder);

        return $more === [] ? $having : $having->adding(Act::of(ActKind::StirIn, ...$more)->saying('last'), count($having->acts));
    }

    private function worked(Catalogue $catalogue, ?Base $base, ?ThicknessClass $class, Procedure $procedure): Derivative
    {
        return $base === null
            ? $catalogue->derivative($this->basedOn)->workedAs($this->sauceId(), $procedure, $class)
            : Derivative::asItIs($base, $class ?? Formula::house($base)->thickness->thicknessClass())
                ->workedAs($this->sauceId(), $procedure, $class);
    }

    /** @return list<Dose> */
    private function doses(Larder $larder): array
    {
        $doses = [];
        foreach (PartsField::read($this->more) as $id => $grams) {
            $kind = $larder->any($id);
            if ($grams > 0.0 && ($kind instanceof Fat || $kind instanceof Ingredient)) {
                $doses[] = Dose::grams(
                    $id,
                    $grams,
                    $kind instanceof Ingredient && $kind->role === Role::Vegetable ? Fate::StaysIn : Fate::Joins,
                );
            }
        }

        return $doses;
    }
}
