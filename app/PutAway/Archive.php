<?php

declare(strict_types=1);

namespace App\PutAway;

use App\Family\ServiceFields;
use App\Models\OwnDerivative;
use App\Models\Pot;
use App\Models\Sauce;
use App\Models\Service;
use Illuminate\Database\Eloquent\Builder;

/** What has been put away: out of the lists, not out of the world. */
final readonly class Archive
{
    private const KINDS = ['services' => Service::class, 'sauces' => Sauce::class, 'own' => OwnDerivative::class, 'pots' => Pot::class];

    private const SHOWN = 200;

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::KINDS);
    }

    /** @return array<string, list<array{id: int, name: string, at: string}>> by kind where there is any, newest first */
    public static function all(): array
    {
        $all = [];
        foreach (self::KINDS as $kind => $class) {
            foreach ($class::query()->whereNotNull('archived_at')->latest('archived_at')->limit(self::SHOWN)->get() as $row) {
                $all[$kind][] = ['id' => $row->id, 'name' => self::name($row), 'at' => (string) $row->archived_at];
            }
        }

        return $all;
    }

    /** A pot that is on cannot be put away: it is looked for nowhere but on the rail. */
    public static function find(string $kind, int $id): Service|Sauce|OwnDerivative|Pot
    {
        return match ($kind) {
            'services' => Service::query()->findOrFail($id),
            'sauces' => Sauce::query()->findOrFail($id),
            'own' => OwnDerivative::query()->findOrFail($id),
            default => Pot::query()->where(static fn(Builder $over) => $over->whereNotNull('finished_at'))->findOrFail($id),
        };
    }

    public static function name(Service|Sauce|OwnDerivative|Pot $row): string
    {
        if (!$row instanceof Service) {
            return $row->name;
        }
        $name = ServiceFields::from($row->fields)->name;

        return $name === '' ? '#' . $row->id : $name;
    }
}
