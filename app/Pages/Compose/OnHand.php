<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Grams;
use App\Format\Litres;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Questions\GivenReader;
use App\Typed\Fields;
use Lento\Compose\Sheet;
use Lento\Quantity\Mass;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;

/** Drippings in the tin and stock in the pot, where there need not be just as much as is wanted: what is left of them, or missing. */
final readonly class OnHand
{
    /** g and l: less over or under is as measured. */
    private const NOTHING_GRAMS = 0.5;

    private const NOTHING_LITRES = 0.005;

    /** @param array<string, string> $says by the field of the slip's line, in words */
    private function __construct(public array $says) {}

    public static function of(ComposeFields $typed, ?Sheet $sheet, Kitchen $kitchen): self
    {
        if ($sheet === null) {
            return new self([]);
        }
        $read = $typed->toRead();
        $reader = new GivenReader($read, new UnitNames($kitchen->measures), $kitchen->larder());
        $fields = Fields::read($read, $reader->rules());
        [$fat, $liquid] = [$reader->fatThere($fields), $reader->liquidThere($fields)];

        return new self(array_filter([
            'have_fat' => $fat === null ? '' : self::weighed($fat, $sheet->roux->fat),
            'stock' => $liquid === null ? '' : self::measured($liquid, $sheet->stock()),
        ], static fn(string $said): bool => $said !== ''));
    }

    private static function weighed(Mass $there, Mass $wanted): string
    {
        $over = $there->inGrams() - $wanted->inGrams();

        return self::says($over, self::NOTHING_GRAMS, Grams::of(Mass::ofGrams(abs($over)))->text());
    }

    private static function measured(Volume $there, Volume $wanted): string
    {
        $over = $there->inLitres() - $wanted->inLitres();

        return self::says($over, self::NOTHING_LITRES, Litres::of(Volume::ofLitres(abs($over)))->text());
    }

    private static function says(float $over, float $nothing, string $amount): string
    {
        return Words::text('compose.there.' . match (true) {
            $over > $nothing => 'left',
            $over < -$nothing => 'short',
            default => 'just',
        }, amount: $amount);
    }
}
