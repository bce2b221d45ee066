<?php

declare(strict_types=1);

use Lento\Keeping\FoodSafety;
use Lento\Keeping\UseBy;
use Lento\Keeping\Vessel;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Happened\PutIn;
use Lento\Shelf\Lot;
use Lento\Shelf\Mark;
use Lento\Shelf\Spot;
use Lento\Thickness\Sauce;

/** A moment of the evening, by the clock; from 24:00 on it is the next day. */
function shelfAt(string $clock): DateTimeImmutable
{
    [$hours, $minutes] = array_map(intval(...), explode(':', $clock));

    return (new DateTimeImmutable('2026-11-29 00:00 UTC'))->setTime($hours, $minutes);
}

function shelfMark(string $id, string $tub, string $clock): Mark
{
    return Mark::of($id, $tub, shelfAt($clock), 'Petra Lund');
}

function shelfTray(float $highMm = 65.0): Vessel
{
    return Vessel::of(Length::ofMillimetres(530.0), Length::ofMillimetres(325.0), Length::ofMillimetres($highMm));
}

function shelfLot(?FoodSafety $rules = null): Lot
{
    return new Lot(
        shelfAt('18:00'),
        Sauce::nothing(),
        null,
        $rules ?? FoodSafety::usModelCode(),
        UseBy::days(3, 90),
    );
}

function shelfPutIn(string $tub, float $litres, Spot $spot = Spot::Fridge, string $clock = '18:20', float $celsius = 85.0): PutIn
{
    return new PutIn(
        shelfMark('put-' . $tub, $tub, $clock),
        shelfTray(),
        'tray',
        Volume::ofLitres($litres),
        Temperature::ofCelsius($celsius),
        $spot,
    );
}
