<?php

declare(strict_types=1);

namespace Lento\Shelf;

use Lento\Keeping\Place;

/** Where a tub stands: kept hot, or somewhere cold, with its lid or without. */
enum Spot: string
{
    case HotWell = 'hot-well';
    case Room = 'room';
    case RoomCovered = 'room-covered';
    case Fridge = 'fridge';
    case FridgeUncovered = 'fridge-uncovered';
    case WalkIn = 'walk-in-fan';
    case Blast = 'blast-chiller';
    case Ice = 'ice-bath';
    case IceStirred = 'ice-bath-stirred';
    case Freezer = 'freezer';

    /** As cooling knows it; null where it is kept hot. */
    public function place(): ?Place
    {
        return Place::tryFrom($this->value);
    }

    public function isHot(): bool
    {
        return $this === self::HotWell;
    }

    /** The same with its lid off or on, stirred or left alone; null where neither is asked. */
    public function otherLid(): ?self
    {
        return match ($this) {
            self::Room => self::RoomCovered,
            self::RoomCovered => self::Room,
            self::Fridge => self::FridgeUncovered,
            self::FridgeUncovered => self::Fridge,
            self::Ice => self::IceStirred,
            self::IceStirred => self::Ice,
            default => null,
        };
    }
}
