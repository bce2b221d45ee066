<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Practice\Look;
use Lento\Practice\Phase;
use Lento\Practice\Sight;
use Lento\Roux\Shade;

/** What eye, nose and ear say of a practice pot. */
final readonly class LookWords
{
    private function __construct() {}

    /** @return array{smell: string, sound: string, sights: string} */
    public static function of(Look $look): array
    {
        $sights = array_map(
            static fn(Sight $sight): string => Words::text('practice.sights.' . $sight->value),
            $look->impression->sights,
        );
        if ($look->phase === Phase::Paste) {
            $stage = Shade::of(min(Shade::DARKEST, $look->shade))->stage();
            array_unshift($sights, Words::text('practice.colour_says', stage: Words::text('practice.stages.' . $stage->value)));
        }

        return [
            'smell' => Words::text('practice.smells.' . $look->impression->smell->value),
            'sound' => Words::text('practice.sounds.' . $look->impression->sound->value),
            'sights' => $sights === [] ? Words::text('practice.phases.' . $look->phase->value) : implode(', ', $sights),
        ];
    }
}
