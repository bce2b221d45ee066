<?php

declare(strict_types=1);

namespace App\Stove;

use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Lento\Course\Outcome;
use Lento\Plan\Plan;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/** What came out of a pot, as it is written down when it is closed. */
final readonly class OutcomeReader
{
    private const LEAST = 0.01;

    private const MOST = Outcome::MOST_LITRES;

    private const LONGEST = 500;

    /** kg per litre of a finished sauce where the pot has no sheet. */
    public const KILOGRAMS_PER_LITRE = 1.04;

    /**
     * @param array<string, mixed> $said
     * @param float $kilogramsPerLitre of this sauce, for what is weighed
     *
     * @return Outcome|non-empty-list<FieldFault>
     */
    public static function read(array $said, float $kilogramsPerLitre): Outcome|array
    {
        $weighed = is_string($said['out_unit'] ?? null) && trim($said['out_unit']) === 'kg';
        $read = Fields::read($said, [
            'volume' => [Number::between(self::LEAST, self::MOST, $weighed ? ' kg' : ' l')->needed()],
            'spoon' => ['required', OneOf::cases(SpoonWord::cases())],
            'taste' => ['nullable', 'string', 'max:' . self::LONGEST],
            'change' => ['nullable', 'string', 'max:' . self::LONGEST],
            'hold' => ['nullable', Number::between(0.0, self::MOST, ' l')],
            'cool' => ['nullable', Number::between(0.0, self::MOST, ' l')],
        ]);
        [$amount, $spoon] = [$read->number('volume'), $read->enum('spoon', SpoonWord::class)];
        $faults = array_values($read->faults);
        if ($faults !== [] || $amount === null || $spoon === null) {
            return $faults === [] ? [FieldFault::of('spoon', 'missing')] : $faults;
        }
        $litres = $weighed ? $amount / $kilogramsPerLitre : $amount;
        [$hold, $cool] = [$read->number('hold') ?? 0.0, $read->number('cool') ?? 0.0];
        // A jug is read to the nearest few per cent; more than that cannot be kept of what came out.
        if ($hold + $cool > 1.02 * $litres + 1e-9) {
            return [FieldFault::of($cool > 0.0 ? 'cool' : 'hold', 'more_than_all', ['litres' => TypedNumber::plain($litres)])];
        }
        $volume = static fn(float $litres): Volume => Volume::ofMillilitres(round(1000.0 * $litres, 1));

        return Outcome::of($volume($litres), $spoon, Colour::tryFrom($read->text('colour')))
            ->saying($read->text('taste'), $read->text('change'))
            ->keeping($volume($hold), $volume($cool));
    }

    /** @return float of what the plan promises, for what is weighed and not measured */
    public static function kilogramsPerLitre(Plan $plan): float
    {
        $served = $plan->cooking?->sauces->served;

        return $served === null || $served->millilitres() <= 0.0 ? self::KILOGRAMS_PER_LITRE : $served->grams() / $served->millilitres();
    }
}
