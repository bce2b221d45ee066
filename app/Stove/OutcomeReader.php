<?php

declare(strict_types=1);

namespace App\Stove;

use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Course\Outcome;
use Lento\Plan\Plan;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/** What came out of a pot, as it is written down when it is closed. */
final readonly class OutcomeReader
{
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
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $weighed = $text('out_unit') === 'kg';
        $amount = TypedNumber::number($text('volume'));
        $litres = $amount === null ? null : ($weighed ? $amount / $kilogramsPerLitre : $amount);
        $faults = [];
        if ($litres === null || $litres <= 0.0 || $litres > self::MOST) {
            $faults[] = new FieldFault('volume', 'number', [
                'least' => '0.01',
                'most' => TypedNumber::plain(self::MOST),
                'unit' => $weighed ? ' kg' : ' l',
            ]);
        }
        if (SpoonWord::tryFrom($text('spoon')) === null) {
            $faults[] = new FieldFault('spoon', 'missing');
        }
        foreach (['taste', 'change'] as $field) {
            if (mb_strlen($text($field)) > self::LONGEST) {
                $faults[] = new FieldFault($field, 'long', ['most' => (string) self::LONGEST]);
            }
        }
        $kept = [];
        foreach (['hold', 'cool'] as $field) {
            $part = $text($field) === '' ? 0.0 : TypedNumber::number($text($field));
            if ($part === null || $part < 0.0 || $part > self::MOST) {
                $faults[] = new FieldFault($field, 'number', ['least' => '0', 'most' => TypedNumber::plain(self::MOST), 'unit' => ' l']);
            }
            $kept[$field] = $part ?? 0.0;
        }
        // A jug is read to the nearest few per cent; more than that cannot be kept of what came out.
        if ($faults === [] && $litres !== null && $kept['hold'] + $kept['cool'] > 1.02 * $litres + 1e-9) {
            $faults[] = new FieldFault($kept['cool'] > 0.0 ? 'cool' : 'hold', 'more_than_all', ['litres' => TypedNumber::plain($litres)]);
        }

        $spoon = SpoonWord::tryFrom($text('spoon'));
        if ($faults !== [] || $litres === null || $spoon === null) {
            return $faults === [] ? [new FieldFault('spoon', 'missing')] : $faults;
        }

        return Outcome::of(Volume::ofMillilitres(round(1000.0 * $litres, 1)), $spoon, Colour::tryFrom($text('colour')))
            ->saying($text('taste'), $text('change'))
            ->keeping(Volume::ofMillilitres(round(1000.0 * $kept['hold'], 1)), Volume::ofMillilitres(round(1000.0 * $kept['cool'], 1)));
    }

    /** @return float of what the plan promises, for what is weighed and not measured */
    public static function kilogramsPerLitre(Plan $plan): float
    {
        $served = $plan->cooking?->sauces->served;

        return $served === null || $served->millilitres() <= 0.0 ? self::KILOGRAMS_PER_LITRE : $served->grams() / $served->millilitres();
    }
}
