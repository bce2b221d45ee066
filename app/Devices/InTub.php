<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Device;
use App\Models\DeviceKind;

/** Which probe stands in which tub. */
final readonly class InTub
{
    /** @return array<int, string> the probes of the kitchen, by id */
    public static function probes(): array
    {
        return Device::query()
            ->where('kind', DeviceKind::Probe)
            ->orderBy('id')
            ->get()
            ->mapWithKeys(static fn(Device $one): array => [$one->id => $one->name])
            ->all();
    }

    /** @return int|null id of the probe that stands in it */
    public static function probeIn(int $tub): ?int
    {
        return Device::query()->where('tub_id', $tub)->first()?->id;
    }

    /** No other stands there then; none at all where this is no probe. */
    public static function put(int $device, int $tub): void
    {
        Device::query()->where('tub_id', $tub)->get()->each->update(['tub_id' => null]);
        Device::query()->where('kind', DeviceKind::Probe)->find($device)?->update(['tub_id' => $tub]);
    }
}
