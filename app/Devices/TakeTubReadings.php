<?php

declare(strict_types=1);

namespace App\Devices;

use App\Format\Words;
use App\Models\Device;
use App\Models\Tub;
use App\Models\TubEvent;
use App\Records\Moment;
use App\Shelf\StoredShelf;
use App\Stove\Mark as PotMark;
use Carbon\CarbonImmutable;
use Lento\Quantity\Temperature;
use Lento\Shelf\Happened\ReadOff;
use Lento\Shelf\Mark;

/**
 * Readings of a probe that stands in a tub become events of it. Of a flood one in two minutes is kept, the first; what cannot be of the
 * middle of a sauce is kept too, and judges nothing (Lento\Keeping\ReadingSense).
 */
final readonly class TakeTubReadings
{
    /** ms within which one reading of a tub is enough. */
    private const ONE_IN = 120_000;

    /** ms that a device's clock may be off before it is set right. */
    private const CLOCK = 5_000;

    /** °C that a thermometer can show at all. */
    private const LEAST = -80.0;

    private const MOST = 400.0;

    /**
     * @param list<Sent> $sent in any order
     *
     * @return array{kept: list<string>, ignored: list<array{id: string, why: string}>}
     */
    public function __invoke(Device $device, Tub $tub, array $sent, int $sentAtMs, CarbonImmutable $now): array
    {
        $skew = $now->getTimestampMs() - $sentAtMs;
        $skew = abs($skew) > self::CLOCK ? $skew : 0;
        usort($sent, static fn(Sent $a, Sent $b): int => $a->atMs <=> $b->atMs);
        [$kept, $ignored, $events, $taken] = [[], [], [], []];
        foreach ($sent as $reading) {
            $at = $reading->atMs + $skew;
            $slot = sprintf('%s%d-%d-%d', PotMark::DEVICE, $device->id, $tub->id, intdiv($at, self::ONE_IN));
            $why = match (true) {
                $tub->gone_at_ms !== null => 'no_tub',
                !($reading->value >= self::LEAST && $reading->value <= self::MOST) => 'nonsense',
                $at < $tub->put_in_at_ms => 'before',
                $at > $now->getTimestampMs() + self::CLOCK => 'future',
                isset($taken[$slot]) || TubEvent::query()->where('batch_id', $tub->batch_id)->where('token', $slot)->exists()
                    => 'often_in_tub',
                default => null,
            };
            if ($why !== null) {
                $ignored[] = ['id' => $reading->id, 'why' => Words::text('devices.why.' . $why)];
                continue;
            }
            $taken[$slot] = true;
            $kept[] = $reading->id;
            $events[] = new ReadOff(
                Mark::of($slot, $tub->uid, Moment::of($at), mb_substr($device->name, 0, Mark::LONGEST_NAME)),
                Temperature::ofCelsius($reading->value),
                byProbe: true,
            );
        }
        if ($events !== []) {
            StoredShelf::add($tub->batch, $events, $now);
        }
        $device->update([
            'heard_at' => $now,
            ...$ignored === []
                ? []
                : ['ignored' => $device->ignored + count($ignored), 'ignored_why' => $ignored[count($ignored) - 1]['why']],
        ]);

        return ['kept' => $kept, 'ignored' => $ignored];
    }
}
