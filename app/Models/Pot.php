<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\StepsCast;
use App\Pages\Foreseen;
use App\Pages\Note;
use App\Pages\PotEntry;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Lento\Compose\Step;
use Lento\Course\Course;
use Lento\Course\EventKind;

/**
 * One pot, from the question it answers to what came out.
 *
 * @property int $id
 * @property string $name
 * @property array<string, string> $question
 * @property array{yield_ml: float|int, spoon: string, class: string, minutes: float|int, foreseen?: array<string, mixed>} $plan
 * @property non-empty-list<Step> $steps
 * @property string|null $cook
 * @property int|null $sauce_version_id the kept sauce it was cooked from, as it was then
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $finished_at
 * @property array{volume_ml: float|int, spoon: string, taste: string}|null $outcome
 * @property-read Collection<int, PotEvent> $events
 */
final class Pot extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['name', 'question', 'plan', 'steps', 'cook', 'started_at', 'finished_at', 'outcome', 'sauce_version_id'];

    /** @return HasMany<PotEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(PotEvent::class);
    }

    /** Where it stands, from what has happened. */
    public function course(): Course
    {
        return Course::of($this->steps, $this->started_at, $this->events->sortBy('id')->map(static fn(PotEvent $event) => $event->toEvent())->values()->all());
    }

    /** @return list<Note> what was written down, oldest first */
    public function notes(): array
    {
        $notes = $this->events->sortBy('id')->filter(static fn(PotEvent $event): bool => $event->kind === EventKind::Note);

        return array_values($notes->map(static fn(PotEvent $event): Note => new Note($event->at, (string) $event->text))->all());
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
            (float) $plan['yield_ml'],
            $plan['spoon'],
            $plan['class'],
            (float) $plan['minutes'],
            $outcome === null ? null : (float) $outcome['volume_ml'],
            $outcome['spoon'] ?? null,
            $outcome['taste'] ?? '',
            Foreseen::fromPlan($plan['foreseen'] ?? null),
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
            'started_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime',
        ];
    }
}
