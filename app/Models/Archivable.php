<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * What is put away is out of the lists, and can be had back; whatever points at it still finds it.
 *
 * @property string|null $archived_at
 */
trait Archivable
{
    public function archive(): void
    {
        $this->putAway(CarbonImmutable::now()->utc()->format('Y-m-d H:i:s'), 'archived');
    }

    public function unarchive(): void
    {
        $this->putAway(null, 'unarchived');
    }

    /** @param Builder<static> $query */
    public function scopeAtHand(Builder $query): void
    {
        $query->whereNull($this->qualifyColumn('archived_at'));
    }

    private function putAway(?string $at, string $what): void
    {
        $before = ['archived_at' => $this->archived_at];
        static::withoutEvents(fn(): bool => $this->forceFill(['archived_at' => $at])->save());
        Audit::write($this, $what, $before, ['archived_at' => $at]);
    }
}
