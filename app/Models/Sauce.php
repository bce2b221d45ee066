<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\Matching;
use App\Typed\Plain;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A sauce worth keeping under the kitchen's own name; its questions are its versions.
 *
 * @property int $id
 * @property string $name
 * @property list<string> $tags
 * @property string|null $notes
 * @property bool $favourite whether it is wanted at hand
 * @property string $found_by
 * @property CarbonImmutable $updated_at
 * @property-read Collection<int, SauceVersion> $versions
 * @property-read SauceVersion|null $latest
 * @property-read int|null $versions_count where they were counted
 */
final class Sauce extends Model
{
    use Archivable;
    use Audited;
    use OfAKitchen;


    protected $fillable = ['name', 'tags', 'notes', 'favourite'];

    /** @return HasMany<SauceVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(SauceVersion::class)->orderByDesc('number');
    }

    /** @return HasOne<SauceVersion, $this> */
    public function latest(): HasOne
    {
        return $this->hasOne(SauceVersion::class)->ofMany('number', 'max');
    }

    /**
     * One version more; those before stay as they are.
     *
     * @param array<string, string> $question
     */
    public function keep(array $question): SauceVersion
    {
        return $this->versions()->create(['number' => 1 + $this->versions()->count(), 'question' => $question]);
    }

    /** @param Builder<self> $query */
    public function scopeFoundBy(Builder $query, string $words): void
    {
        foreach (array_filter(explode(' ', Plain::text($words)), static fn(string $word): bool => $word !== '') as $word) {
            Matching::has($query->getQuery(), 'found_by', Matching::pattern($word));
        }
    }

    protected static function booted(): void
    {
        self::saving(static function (self $sauce): void {
            $sauce->found_by = Plain::text(implode(' ', [$sauce->name, ...$sauce->tags, (string) $sauce->notes]));
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tags' => 'array', 'favourite' => 'boolean'];
    }
}
