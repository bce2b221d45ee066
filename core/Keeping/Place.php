<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Temperature;

/** Where a sauce cools. Heat transfer ±35 %: crowded shelves and lidded deep pans are worse. Source: docs/model.md, H. */
enum Place: string
{
    case Room = 'room';
    case RoomCovered = 'room-covered';
    case Fridge = 'fridge';
    case FridgeUncovered = 'fridge-uncovered';
    case WalkInFan = 'walk-in-fan';
    case BlastChiller = 'blast-chiller';
    case Freezer = 'freezer';
    case IceBath = 'ice-bath';
    case IceBathStirred = 'ice-bath-stirred';

    /** @return float W/(m2 K) */
    public function transfer(): float
    {
        return match ($this) {
            self::Room => 18.0,
            self::RoomCovered => 11.0,
            self::Fridge, self::Freezer => 10.0,
            self::FridgeUncovered => 16.0,
            self::WalkInFan => 18.0,
            self::BlastChiller => 45.0,
            self::IceBath => 200.0,
            self::IceBathStirred => 350.0,
        };
    }

    /** What it usually is there. */
    public function usual(): Temperature
    {
        return Temperature::ofCelsius(match ($this) {
            self::Room, self::RoomCovered => 20.0,
            self::Fridge, self::FridgeUncovered, self::WalkInFan => 3.0,
            self::BlastChiller => -5.0,
            self::Freezer => -18.0,
            self::IceBath, self::IceBathStirred => 1.0,
        });
    }

    public function isIce(): bool
    {
        return $this === self::IceBath || $this === self::IceBathStirred;
    }

    public function stirred(): bool
    {
        return $this === self::IceBathStirred;
    }

    /** @return int<1, 2> of top and bottom, those that are cooled: a pot in ice loses little through its open top */
    public function cooledFaces(): int
    {
        return match ($this) {
            self::IceBath, self::IceBathStirred => 1,
            default => 2,
        };
    }
}
