<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Keeping\FoodSafety;
use Lento\Keeping\HotWindow;
use Lento\Quantity\Temperature;

/** Between which temperatures a sauce is held: the floor of the kitchen's guidance, and its own limit where it has one. */
final readonly class HotBand
{
    /** "63–75 °C", "63 °C or hotter" */
    public static function text(?Temperature $most, FoodSafety $rules): string
    {
        $least = $rules->holdAtLeast;

        return $most === null
            ? Words::text('family.keep.hot', temperature: Degrees::text($least))
            : Words::text('family.keep.band', least: Degrees::number($least), most: Degrees::text($most));
    }

    /** "63–75 °C, at most 1 h" */
    public static function ofWindow(HotWindow $window): string
    {
        $hours = $window->longest->inMinutes() / 60.0;

        return Words::text(
            !$window->isOpen() ? 'keep.hot.never' : ($window->most === null ? 'keep.hot.from' : 'keep.hot.between'),
            least: Degrees::text($window->least),
            number: Degrees::number($window->least),
            most: $window->most === null ? '' : Degrees::text($window->most),
            hours: $hours === floor($hours) ? (string) (int) $hours : sprintf('%.1F', $hours),
        );
    }
}
