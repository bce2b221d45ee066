<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Lento\Compose\Formula;
use Lento\Compose\HeldFormula;
use Lento\Compose\Question;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Quantity\Density;
use Lento\Quantity\Mass;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;

/** A cook's own formula: its fat, flour and liquid as typed, or as a ratio beside whatever says how much. */
final readonly class HeldReader
{
    public const BY = ['weight', 'volume'];

    /** g/l: of a sauce whose liquid is not known yet. */
    private const USUAL_FLOUR = 60.0;

    /** @param Formula|null $usual null where the sauce could not be read */
    public function __construct(
        private GivenReader $given,
        private ?Formula $usual,
        private Larder $larder,
        private MeasureSystem $measures,
    ) {}

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['own_ratio' => [new RatioRule()], 'own_ratio_by' => [OneOf::of(self::BY)]];
    }

    /** @return HeldFormula|FieldFault|null null where the thickness is asked for */
    public function held(Fields $fields, string $fat, string $liquid): HeldFormula|FieldFault|null
    {
        $said = $fields->text('own_ratio') !== '';
        if ($this->usual === null || !$said && !$this->given->isFormula()) {
            return null;
        }
        if ($said && $this->given->isFormula()) {
            return FieldFault::of('own_ratio', 'one_given', ['given' => 'formula, ratio']);
        }
        if (!$this->usual->base->hasRoux()) {
            return FieldFault::of($said ? 'own_ratio' : 'have_flour', 'no_roux');
        }

        return $this->given->isFormula() ? $this->amounts($fields) : $this->ratio($fields, $fat, $liquid);
    }

    private function amounts(Fields $fields): HeldFormula|FieldFault|null
    {
        [$flour, $named] = [$this->given->flour($fields), $this->given->liquid($fields)];
        if ($flour === null) {
            return null;
        }
        // What goes in beside the liquid that the sauce is named by, a tomato sauce's purée, goes with it.
        $liquid = $named === null ? null : Volume::ofCubicMetres($named->cubicMetres / ($this->usual?->share() ?? 1.0));
        $fat = $this->given->fat($fields) ?? Mass::ofGrams($flour->inGrams() * ($fields->number('ratio') ?? 1.0));
        // Where the liquid is free the thickness is asked for, and the fat must suit the flour all the same.
        $tried = $liquid ?? Volume::ofLitres($flour->inGrams() / self::USUAL_FLOUR);
        try {
            $held = HeldFormula::amounts($fat, $flour, $tried);
        } catch (OutOfRange $refusal) {
            return self::refused($refusal, $flour, $tried);
        }

        return $liquid === null ? null : $held;
    }

    /** What the one of them may be that the other two leave no sauce for. */
    private static function refused(OutOfRange $refusal, Mass $flour, Volume $liquid): FieldFault
    {
        [$field, $of] = $refusal->quantity === 'fat-to-flour' ? ['have_fat', $flour->inGrams()] : ['have_flour', $liquid->inLitres()];

        return FieldFault::of($field, 'number', [
            'least' => TypedNumber::plain(ceil($of * ($refusal->least ?? 0.0))),
            'most' => TypedNumber::plain(floor($of * ($refusal->most ?? 0.0))),
            'unit' => ' g',
        ]);
    }

    private function ratio(Fields $fields, string $fat, string $liquid): HeldFormula|FieldFault|null
    {
        $own = OwnRatio::read($fields->text('own_ratio'));
        if ($own === null) {
            return null;
        }
        $parts = $own->parts;
        $byVolume = $fields->word('own_ratio_by') === 'volume';
        $ratio = $fields->number('ratio') ?? 1.0;
        try {
            return match (true) {
                $parts === [] => $this->spoons($own, $ratio),
                count($parts) === 2 => HeldFormula::roux(
                    $parts[0],
                    $parts[1],
                    max(Question::LEAST_RATIO, min(Question::MOST_RATIO, $ratio)),
                    $this->density($liquid),
                ),
                $byVolume => HeldFormula::byVolume(
                    $parts[0],
                    $parts[1],
                    $parts[2],
                    $this->larder->fat($fat)->density,
                    $this->larder->thickener('plain-flour')->density(),
                ),
                default => HeldFormula::byWeight($parts[0], $parts[1], $parts[2], $this->density($liquid)),
            };
        } catch (OutOfRange) {
            return FieldFault::of('own_ratio', 'own_ratio_far');
        }
    }

    /** A rule of spoons tells the flour; the fat follows from the roux. */
    private function spoons(OwnRatio $own, float $fatToFlour): HeldFormula
    {
        $flour = $this->larder->thickener('plain-flour')->density()->massOf($own->flour($this->measures));

        return HeldFormula::amounts(Mass::ofGrams($fatToFlour * $flour->inGrams()), $flour, $own->liquid($this->measures));
    }

    /** Of all that meets the roux, in the shares of its volume. */
    private function density(string $liquid): Density
    {
        $grams = ($this->usual?->share() ?? 1.0) * $this->larder->ingredient($liquid)->density->inGramsPerMillilitre();
        foreach ($this->usual->beside ?? [] as $id => $share) {
            $grams += $share * $this->larder->ingredient($id)->density->inGramsPerMillilitre();
        }

        return Density::ofGramsPerMillilitre($grams);
    }
}
