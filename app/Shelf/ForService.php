<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Family\ServiceFields;
use App\Models\Tub;
use App\Typed\TypedNumber;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Lento\Quantity\Volume;
use Lento\Shelf\Happened\Taken;
use Lento\Shelf\Mark;
use Lento\Shelf\TubState;

/** A tub is taken out for a service: all of it, written down there, and in the cold of that service from then on. */
final readonly class ForService
{
    public static function take(int $id, ServiceFields $fields, CarbonImmutable $now): ServiceFields
    {
        $tub = Tub::query()->with('batch')->find($id);
        // Sent twice it is gone already, and stands in the service.
        $sauce = $tub?->batch->sauce;
        if ($tub === null || $sauce === null || $tub->ml < 1 || $tub->state !== TubState::Kept || $tub->isPastUse($now)) {
            return $fields;
        }
        $for = $fields->name === '' ? __('family.title') : $fields->name;
        StoredShelf::add($tub->batch, [new Taken(
            Mark::of((string) Str::uuid(), $tub->uid, $now->toDateTimeImmutable(), StoredShelf::by()),
            Volume::ofMillilitres((float) $tub->ml),
            mb_substr(is_string($for) ? $for : '', 0, Taken::LONGEST),
        )], $now);

        return $fields->having($sauce, $tub->batch->liquid ?? '', TypedNumber::plain($tub->ml / 1000.0));
    }
}
