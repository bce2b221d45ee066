<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Device;

/** What the devices that read a pot sent in vain, for the pot's own page. */
final readonly class AtThePot
{
    /** @return list<string> "Blue: 12 readings ignored, the last: not a value it can read" */
    public static function ignored(int $pot): array
    {
        return array_values(
            Device::query()
                ->where('pot_id', $pot)
                ->where('pot_ignored', '>', 0)
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Device $device): string => trans_choice('devices.at_the_pot', $device->pot_ignored, [
                        'name' => $device->name,
                        'count' => $device->pot_ignored,
                        'why' => $device->ignored_why,
                    ]),
                )
                ->all(),
        );
    }
}
