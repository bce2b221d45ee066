<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\PlanCast;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;
use Lento\Course\Course;
use Lento\Plan\Plan;

/**
 * One pot: what was promised of it when it was put on, and what came of it.
 *
 * `finished_at`, `given_up`, `outcome` and `lesson` follow from its plan and events; `./lento rebuild` writes them anew.
 *
 * @property int $id
 * @property string $uid the same in every kitchen its log is taken to
 * @property PotKind $kind
 * @property string|null $sauce the base or derivative it is; null for a pot that was only logged
 * @property string $name
 * @property array<string, string> $question what was asked for it, to ask it again; a running pot is never reckoned from it
 * @property Plan $plan
 * @property string|null $cook who put it on
 * @property string $place where it was put on
 * @property int|null $sauce_version_id the kept sauce it was cooked from, as it was then
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $finished_at
 * @property bool $given_up whether it was taken off before its end
 * @property array<string, mixed>|null $outcome what came out, and what is made of that for the next time
 * @property array<string, mixed>|null $lesson what it has taught of this kitchen
 * @property bool $left_out of what the kitchen learns
 * @property int|null $service_id the service it is for
 * @property int|null $log_import_id the file it came with
 * @property int|null $calls_at_ms when it calls next, while it is on
 * @property int|null $touched_at_ms when somebody last had a hand on it
 * @property string|null $branch which sauce of that service it is
 * @property-read Collection<int, PotEvent> $events
 */
final class Pot extends Model
{
    use Archivable;
    use OfAKitchen;


    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'uid',
        'kind',
        'sauce',
        'name',
        'question',
        'plan',
        'cook',
        'place',
        'started_at',
        'finished_at',
        'given_up',
        'outcome',
        'lesson',
        'left_out',
        'sauce_version_id',
        'service_id',
        'branch',
        'log_import_id',
        'calls_at_ms',
        'touched_at_ms',
    ];

    protected $attributes = ['question' => '{}', 'place' => '', 'given_up' => false, 'left_out' => false];

    protected static function booted(): void
    {
        self::creating(static function (self $pot): void {
            $course = Course::of($pot->plan->steps, $pot->started_at, []);
            $pot->setAttribute('calls_at_ms', Moment::maybe($course->nextCall()?->at));
            $pot->setAttribute('touched_at_ms', Moment::ms($pot->started_at));
            $pot->setAttribute('uid', $pot->getAttributes()['uid'] ?? (string) Str::uuid());
            $pot->setAttribute('kind', PotKind::of($pot->plan));
            $pot->setAttribute('sauce', $pot->getAttributes()['sauce'] ?? $pot->plan->making?->sauce);
        });
    }

    /**
     * Those that the kitchen believes: its own, and those of files that it said may teach.
     *
     * @param Builder<self> $query
     */
    public function scopeTeaching(Builder $query): void
    {
        $query->where(
            static function (Builder $any): void {
                $any->whereNull('log_import_id')
                    ->orWhereIn('log_import_id', LogImport::query()->where('teaches', true)->select('id'));
            },
        );
    }

    /** @return HasMany<PotEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(PotEvent::class);
    }

    /** Where it stands, from what has happened. Read afresh at each call: another tablet may have been faster. */
    public function course(): Course
    {
        return Course::of($this->plan->steps, $this->started_at, StoredEvents::of($this->id), $this->place, $this->cook ?? '');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => PotKind::class,
            'question' => 'array',
            'plan' => PlanCast::class,
            'outcome' => 'array',
            'lesson' => 'array',
            'given_up' => 'boolean',
            'left_out' => 'boolean',
            'calls_at_ms' => 'integer',
            'touched_at_ms' => 'integer',
            'started_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime',
        ];
    }
}
