<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\StepsCast;
use App\Pages\Foreseen;
use App\Pages\PotEntry;
use App\Stove\StoredEvents;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;
use Lento\Compose\Step;
use Lento\Course\Course;

/**
 * One pot, from the question it answers to what came out.
 *
 * @property int $id
 * @property string $uid the same in every kitchen its log is taken to
 * @property string|null $base the sauce it is; null for a pot that was only logged
 * @property string $name
 * @property array<string, string> $question
 * @property array{yield_ml?: float|int, spoon?: string, class?: string, minutes?: float|int, end_depth_mm?: float|int, factors?: array<string, mixed>, foreseen?: array<string, mixed>, ladles?: list<array{for: string, litres: float|int}>, root?: string, lines?: list<array{title: string, cue: string, caution: string, ticks: list<string>, most_c: float|int|null, least_c: float|int|null}>} $plan nothing for a pot without a sheet
 * @property non-empty-list<Step> $steps
 * @property string|null $cook who put it on
 * @property string $place where it was put on
 * @property int|null $sauce_version_id the kept sauce it was cooked from, as it was then
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $finished_at
 * @property array{volume_ml: float|int, spoon: string, taste: string, colour?: string, change?: string, hold_ml?: float|int, cool_ml?: float|int, next?: array{flour_g: float|int, flour_change: float|int, liquid_ml: float|int, liquid_change: float|int}|null}|null $outcome
 * @property array<string, mixed>|null $lesson what it has taught of this kitchen
 * @property bool $left_out of what the kitchen learns
 * @property int|null $service_id the service it is for
 * @property string|null $branch which sauce of that service it is
 * @property-read Collection<int, PotEvent> $events
 */
final class Pot extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['uid', 'base', 'name', 'question', 'plan', 'steps', 'cook', 'place', 'started_at', 'finished_at', 'outcome', 'lesson', 'left_out', 'sauce_version_id', 'service_id', 'branch'];

    protected static function booted(): void
    {
        self::creating(static function (self $pot): void {
            $pot->setAttribute('uid', $pot->getAttributes()['uid'] ?? (string) Str::uuid());
            $pot->setAttribute('base', $pot->getAttributes()['base'] ?? $pot->question['sauce'] ?? null);
        });
    }

    /** @return HasMany<PotEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(PotEvent::class);
    }

    /** Where it stands, from what has happened. Read afresh at each call: another tablet may have been faster. */
    public function course(): Course
    {
        return Course::of($this->steps, $this->started_at, StoredEvents::of($this->id), $this->place, $this->cook ?? '');
    }

    /** Whether it was put on without a composed sauce, just to log what is done. */
    public function isFree(): bool
    {
        return $this->question === [];
    }

    public function entry(): PotEntry
    {
        $plan = $this->plan;
        $outcome = $this->outcome;

        return new PotEntry(
            $this->id,
            $this->name,
            $this->started_at,
            $this->finished_at,
            $this->cook,
            (float) ($plan['yield_ml'] ?? 0.0),
            $plan['spoon'] ?? '',
            $plan['class'] ?? '',
            (float) ($plan['minutes'] ?? 0.0),
            $outcome === null ? null : (float) $outcome['volume_ml'],
            $outcome['spoon'] ?? null,
            $outcome['taste'] ?? '',
            Foreseen::fromPlan($plan['foreseen'] ?? null),
            $outcome['change'] ?? '',
            $outcome['colour'] ?? '',
            (float) ($outcome['hold_ml'] ?? 0.0),
            (float) ($outcome['cool_ml'] ?? 0.0),
            $outcome['next'] ?? null,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'question' => 'array',
            'plan' => 'array',
            'steps' => StepsCast::class,
            'outcome' => 'array',
            'lesson' => 'array',
            'left_out' => 'boolean',
            'started_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime',
        ];
    }
}
