<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A log file that was taken in: its pots teach nothing until the kitchen says so, and can be taken back all together.
 *
 * @property int $id
 * @property string $name of the file
 * @property string $by who took it in
 * @property bool $teaches
 * @property CarbonImmutable $created_at
 * @property-read Collection<int, Pot> $pots
 * @property-read int|null $pots_count where they were counted
 */
final class LogImport extends Model
{
    use Audited;
    use OfAKitchen;

    private const AT_ONCE = 50;

    protected $table = 'log_imports';

    protected $fillable = ['name', 'by', 'teaches'];

    protected $attributes = ['teaches' => false];

    /**
     * All that it brought is gone, with what happened to it here since; some at a time, as it came.
     *
     * @return int pots
     */
    public function takeBack(): int
    {
        $gone = 0;
        do {
            $ids = Pot::query()->where('log_import_id', $this->id)->limit(self::AT_ONCE)->pluck('id')->all();
            Pot::query()->whereKey($ids)->delete();
            $gone += count($ids);
        } while ($ids !== []);
        $this->delete();

        return $gone;
    }

    /** @return HasMany<Pot, $this> */
    public function pots(): HasMany
    {
        return $this->hasMany(Pot::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['teaches' => 'boolean'];
    }
}
