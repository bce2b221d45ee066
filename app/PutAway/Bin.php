<?php

declare(strict_types=1);

namespace App\PutAway;

use App\Models\Device;
use App\Models\Hob;
use App\Models\LarderEntry;
use App\Models\Member;
use App\Models\OwnDerivative;
use App\Models\Pan;
use App\Models\Tablet;
use App\Models\Vessel;
use Illuminate\Database\Eloquent\Model;

/** What has been thrown away in this kitchen and can be had back. */
final readonly class Bin
{
    /** By the names of their tables. */
    private const KINDS = [
        'pans' => Pan::class,
        'vessels' => Vessel::class,
        'hobs' => Hob::class,
        'larder_entries' => LarderEntry::class,
        'own_derivatives' => OwnDerivative::class,
        'devices' => Device::class,
        'members' => Member::class,
        'tablets' => Tablet::class,
    ];

    private const SHOWN = 200;

    /** @return list<Thrown> newest first */
    public static function all(): array
    {
        $thrown = [];
        foreach (self::KINDS as $kind => $class) {
            foreach ($class::binned()->latest('binned_at')->limit(self::SHOWN)->get() as $row) {
                $thrown[] = new Thrown($kind, $row->id, $row->calledInTheBin(), (string) $row->binned_by, (string) $row->binned_at);
            }
        }
        usort($thrown, static fn(Thrown $a, Thrown $b): int => $b->at <=> $a->at);

        return $thrown;
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::KINDS);
    }

    /** @return Model|null what was put back; null of what is not in this kitchen's bin */
    public static function putBack(string $kind, int $id): ?Model
    {
        $class = self::KINDS[$kind] ?? null;
        $row = $class === null ? null : $class::binned()->find($id);
        $row?->putBack();

        return $row;
    }
}
