<?php

declare(strict_types=1);

namespace App\Stove;

use App\Questions\Fault;
use App\Questions\Typed;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Stove\Outcome;
use Lento\Thickness\SpoonWord;

/** What came out of a pot, as it is written down when it is closed. */
final readonly class OutcomeReader
{
    private const MOST = 300.0;

    private const LONGEST = 500;

    /** kg per litre of a finished sauce where the pot has no sheet. */
    public const KILOGRAMS_PER_LITRE = 1.04;

    /**
     * @param array<string, mixed> $said
     * @param float $kilogramsPerLitre of this sauce, for what is weighed
     *
     * @return array{outcome: array<string, float|string>, faults: list<Fault>}
     */
    public static function read(array $said, float $kilogramsPerLitre): array
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $weighed = $text('out_unit') === 'kg';
        $amount = Typed::number($text('volume'));
        $litres = $amount === null ? null : ($weighed ? $amount / $kilogramsPerLitre : $amount);
        $faults = [];
        if ($litres === null || $litres <= 0.0 || $litres > self::MOST) {
            $faults[] = new Fault('volume', 'number', ['least' => '0.01', 'most' => Typed::plain(self::MOST), 'unit' => $weighed ? ' kg' : ' l']);
        }
        if (SpoonWord::tryFrom($text('spoon')) === null) {
            $faults[] = new Fault('spoon', 'missing');
        }
        foreach (['taste', 'change'] as $field) {
            if (mb_strlen($text($field)) > self::LONGEST) {
                $faults[] = new Fault($field, 'long', ['most' => (string) self::LONGEST]);
            }
        }
        $kept = [];
        foreach (['hold', 'cool'] as $field) {
            $part = $text($field) === '' ? 0.0 : Typed::number($text($field));
            if ($part === null || $part < 0.0 || $part > self::MOST) {
                $faults[] = new Fault($field, 'number', ['least' => '0', 'most' => Typed::plain(self::MOST), 'unit' => ' l']);
            }
            $kept[$field] = $part ?? 0.0;
        }
        // A jug is read to the nearest few per cent; more than that cannot be kept of what came out.
        if ($faults === [] && $litres !== null && $kept['hold'] + $kept['cool'] > 1.02 * $litres + 1e-9) {
            $faults[] = new Fault($kept['cool'] > 0.0 ? 'cool' : 'hold', 'more_than_all', ['litres' => Typed::plain($litres)]);
        }

        return ['faults' => $faults, 'outcome' => [
            'volume_ml' => round(1000.0 * ($litres ?? 0.0), 1),
            'spoon' => $text('spoon'),
            'colour' => Colour::tryFrom($text('colour'))->value ?? '',
            'taste' => $text('taste'),
            'change' => $text('change'),
            'hold_ml' => round(1000.0 * $kept['hold'], 1),
            'cool_ml' => round(1000.0 * $kept['cool'], 1),
        ]];
    }

    /** @param array<string, float|string> $outcome as read without faults */
    public static function toOutcome(array $outcome): Outcome
    {
        return new Outcome(Volume::ofMillilitres((float) $outcome['volume_ml']), SpoonWord::from((string) $outcome['spoon']));
    }
}
