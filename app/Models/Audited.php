<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** What happens to it is written into the kitchen's audit: who, what, before, after. */
trait Audited
{
    public static function bootAudited(): void
    {
        static::created(static fn(Model $row) => Audit::write($row, 'made', [], $row->getAttributes()));
        static::updated(static function (Model $row): void {
            $after = $row->getChanges();
            Audit::write($row, self::what($after), array_intersect_key($row->getRawOriginal(), $after), $after);
        });
        static::deleted(static fn(Model $row) => Audit::write($row, 'deleted', $row->getRawOriginal(), []));
    }

    /** @param array<string, mixed> $after */
    private static function what(array $after): string
    {
        foreach (['binned_at' => ['binned', 'put_back'], 'archived_at' => ['archived', 'unarchived']] as $column => [$set, $cleared]) {
            if (array_key_exists($column, $after)) {
                return $after[$column] === null ? $cleared : $set;
            }
        }

        return 'changed';
    }
}
