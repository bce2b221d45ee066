<?php

declare(strict_types=1);

namespace App\Pages\Score;

use App\Format\Station;
use App\Format\Words;
use App\Score\ScoreReading;
use Lento\Score\ChangeKind;
use Lento\Score\Cook;
use Lento\Score\Interval;
use Lento\Score\Stay;
use Lento\Score\Task;

/** One thing of a plan, and what can be said of it: when, who, on which ring, served when. */
final readonly class NotePanel
{
    /** min that a tap moves it by. */
    public const STEP = 5;

    public string $at;

    public string $title;

    public string $sauce;

    /** @param Interval|null $room between which minutes it can move by itself; null where it has begun */
    public function __construct(private ScoreReading $reading, public Task $task, private ?Interval $room, private string $typed)
    {
        $day = $reading->score->day;
        $this->at = $typed === '' ? $day->clock($reading->placed($task)->start) : $typed;
        $this->sauce = $reading->names[$task->sauce];
        $this->title = $this->sauce . ', ' . Words::text('score.figure.' . $task->kind);
    }

    public function id(): string
    {
        return $this->task->id;
    }

    public function isBegun(): bool
    {
        return $this->room === null;
    }

    /** "17:22–17:35, Ines Vark, Front left" */
    public function placed(): string
    {
        $placed = $this->reading->placed($this->task);
        $day = $this->reading->score->day;
        $cook = $this->task->asks->attention->needsACook() ? (string) $placed->cook : '';

        return implode(', ', array_filter([
            $day->clock($placed->start) . '–' . $day->clock($placed->start + $this->task->minutes->likely),
            $cook,
            $this->reading->stationName($this->task),
        ], static fn(string $one): bool => $one !== ''));
    }

    public function room(): string
    {
        if ($this->room === null) {
            return Words::text('score.note.begun');
        }
        $day = $this->reading->score->day;

        return $this->room->from === $this->room->until
            ? Words::text('score.note.no_room')
            : Words::text('score.note.room', from: $day->clock($this->room->from), until: $day->clock($this->room->until));
    }

    /** @return array<string, string> times some minutes from where it is, by how that is said; none before now */
    public function steps(): array
    {
        $start = $this->reading->placed($this->task)->start;
        $steps = [];
        foreach (['score.note.sooner' => -self::STEP, 'score.note.later' => self::STEP] as $way => $minutes) {
            if ($start + $minutes >= $this->reading->instance->times->now) {
                $steps[Words::text($way, minutes: (string) self::STEP)] = $this->reading->score->day->clock($start + $minutes);
            }
        }

        return $steps;
    }

    /** @return list<string> who else could do it */
    public function others(): array
    {
        $who = $this->reading->placed($this->task)->cook;
        $able = array_filter(
            $this->reading->instance->galley->cooks,
            fn(Cook $one): bool => $one->id !== $who && $one->can($this->task->asks->skill),
        );

        return $this->task->asks->attention->needsACook()
            ? array_map(static fn(Cook $one): string => $one->id, array_values($able))
            : [];
    }

    /** The stay on a ring that it is part of; null at the bench and in the oven. */
    public function stay(): ?Stay
    {
        return $this->reading->stay($this->task);
    }

    /** @return array<string, string> the names of other rings that take its pan, by their ids */
    public function rings(): array
    {
        $stay = $this->stay();
        $on = $this->reading->station($this->task);
        $names = [];
        foreach ($this->reading->instance->galley->rings as $ring) {
            if ($stay !== null && $ring->id !== $on && $ring->takes($stay->wants->pan, $stay->wants->power)) {
                $names[$ring->id] = Station::named($ring->id, $this->reading->kitchen)->name ?? $ring->id;
            }
        }

        return $names;
    }

    /** When its sauce is served; '' of a base that is only ladled off. */
    public function served(): string
    {
        foreach ($this->reading->instance->work->sauces as $sauce) {
            if ($sauce->id === $this->task->sauce && $sauce->service !== null) {
                return $this->reading->score->day->clock($sauce->service->at);
            }
        }

        return '';
    }

    /** @return int|null the place of what was said of when it begins or who does it, so that it can be let go again */
    public function said(): ?int
    {
        foreach ($this->reading->score->said as $place => $said) {
            $kinds = [ChangeKind::Start, ChangeKind::NotBefore, ChangeKind::Cook];
            if ($said->change->of === $this->task->id && in_array($said->change->kind, $kinds, true)) {
                return $place;
            }
        }

        return null;
    }
}
