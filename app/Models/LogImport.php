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

    protected $table = 'log_imports';

    protected $fillable = ['name', 'by', 'teaches'];

    protected $attributes = ['teaches' => false];

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
