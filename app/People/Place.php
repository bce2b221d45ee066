<?php

declare(strict_types=1);

namespace App\People;

/** Where something can be changed; reading is everybody's who is in the kitchen. */
enum Place: string
{
    case Stove = 'stove';
    case Sauces = 'sauces';
    case Services = 'services';
    case Kitchen = 'kitchen';
    case Devices = 'devices';
    case Learning = 'learning';
    case Files = 'files';
    case Bin = 'bin';
    case People = 'people';
    case Kitchens = 'kitchens';

    public function least(): Role
    {
        return match ($this) {
            self::Stove, self::Sauces, self::Services => Role::Cook,
            self::Kitchen, self::Devices, self::Learning, self::Files, self::Bin, self::People => Role::Chef,
            self::Kitchens => Role::Owner,
        };
    }
}
