<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\TypedNumber;
use Lento\Compose\Given;
use Lento\Compose\Question;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/** The one number a cook starts from: litres, covers, the liquid, the fat, the flour or the ready roux on hand, or this pan filled. */
final readonly class GivenReader
{
    /** Where a number is missing that is to be given, its field is told. */
    private const FIELDS = ['stock' => 'stock', 'fat' => 'have_fat', 'flour' => 'have_flour', 'roux' => 'have_roux'];

    private const LEAST_PORTION_LITRES = 0.005;

    private const MOST_PORTION_LITRES = 1.0;

    public function __construct(private TypedFields $fields) {}

    /** Litres or covers, unless the cook starts from something else. */
    public function given(): ?Given
    {
        $typed = array_filter([...array_values(self::FIELDS), 'fill'], fn(string $field): bool => $this->fields->text($field) !== '');
        $named = array_values($typed)[0] ?? self::FIELDS[$this->fields->text('given')] ?? 'yield';
        if ($named === 'fill') {
            return Given::pan();
        }
        if ($named === 'stock') {
            $volume = $this->fields->volumeOf(
                'stock',
                'stock_unit',
                VolumeUnit::Litre,
                Given::LEAST_LIQUID_LITRES,
                Given::MOST_LIQUID_LITRES,
            );

            return $volume === null ? null : Given::liquid($volume);
        }
        if ($named !== 'yield') {
            $mass = $this->fields->massOf($named, $named . '_unit');

            return match (true) {
                $mass === null => null,
                $named === 'have_roux' => Given::readyRoux($mass),
                $named === 'have_flour' => $this->fatFor($mass),
                default => Given::fat($mass),
            };
        }
        $yield = $this->yield();

        return $yield === null ? null : Given::yield($yield);
    }

    /** With flour on hand, the fat that goes with it says as much; a ratio that makes no sense is told at its own field. */
    private function fatFor(Mass $flour): ?Given
    {
        $ratio = max(Question::LEAST_RATIO, min(Question::MOST_RATIO, TypedNumber::number($this->fields->text('ratio')) ?? 1.0));
        $grams = $flour->inGrams() * $ratio;
        if ($grams < Given::LEAST_GRAMS || $grams > Given::MOST_GRAMS) {
            $this->fields->outOfRange('have_flour', ceil(Given::LEAST_GRAMS / $ratio), floor(Given::MOST_GRAMS / $ratio), ' g');

            return null;
        }

        return Given::fat(Mass::ofGrams($grams));
    }

    private function yield(): ?Volume
    {
        if ($this->fields->text('covers') !== '') {
            return $this->portions();
        }
        if ($this->fields->text('amount') === '' && $this->fields->text('unit') === '') {
            $this->fields->outOfRange('amount', Question::LEAST_LITRES, Question::MOST_LITRES, ' l');

            return null;
        }

        return $this->fields->volumeOf('amount', 'unit', VolumeUnit::Litre, Question::LEAST_LITRES, Question::MOST_LITRES);
    }

    private function portions(): ?Volume
    {
        $covers = $this->fields->number('covers', 1.0, 5000.0, '');
        $each = $this->fields->volumeOf('each', 'each_unit', VolumeUnit::Millilitre, self::LEAST_PORTION_LITRES, self::MOST_PORTION_LITRES);
        if ($covers === null || $each === null) {
            return null;
        }
        $yield = Volume::ofMillilitres($covers * $each->inMillilitres());
        if ($yield->inLitres() < Question::LEAST_LITRES || $yield->inLitres() > Question::MOST_LITRES) {
            $least = max(1.0, ceil(Question::LEAST_LITRES / $each->inLitres() - 1e-9));
            $this->fields->outOfRange('covers', $least, floor(Question::MOST_LITRES / $each->inLitres() + 1e-9), '');

            return null;
        }

        return $yield;
    }
}
