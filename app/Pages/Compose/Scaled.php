<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Litres;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Typed\TypedNumber;
use Lento\Quantity\Volume;

/** The same sauce, half as much or twice as much: each a question of its own, by its litres, whatever it was given by before. */
final readonly class Scaled
{
    private const TIMES = ['half' => 0.5, 'double' => 2.0];

    /** l, what Compose takes. */
    private const LEAST = 0.1;

    private const MOST = 200.0;

    /**
     * The same for so many covers, all but their number: what a form sends along with it.
     *
     * @return array<string, string>
     */
    public static function forCovers(ComposeFields $fields, Kitchen $kitchen): array
    {
        $each = $fields->fields['each'];

        return $fields->with(
            given: 'covers',
            covers: '',
            each: $each === '' ? TypedNumber::plain($kitchen->portion()->inMillilitres()) : $each,
            each_unit: $each === '' ? 'ml' : $fields->fields['each_unit'],
            pan: '',
            diameter: '',
            height: '',
        )->toAddress();
    }

    /** @return list<array{name: string, address: array<string, string>}> those that Compose takes */
    public static function of(ComposeFields $fields, Volume $made): array
    {
        $ways = [];
        foreach (self::TIMES as $name => $times) {
            $litres = round($times * $made->inLitres(), 2);
            if ($litres < self::LEAST || $litres > self::MOST) {
                continue;
            }
            $ways[] = [
                'name' => Words::text('sheet.scaled.' . $name, litres: Litres::of(Volume::ofLitres($litres))->text()),
                // Another amount wants another pan.
                'address' => $fields->with(
                    given: 'litres',
                    amount: TypedNumber::plain($litres),
                    unit: 'l',
                    pan: '',
                    diameter: '',
                    height: '',
                )->toAddress(),
            ];
        }

        return $ways;
    }
}
