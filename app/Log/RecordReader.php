<?php

declare(strict_types=1);

namespace App\Log;

use App\Casts\StepsCast;
use App\Questions\ComposeFields;
use App\Questions\Fault;
use App\Stove\StoredEvent;
use Lento\Compose\Base;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\TendingKind;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Exception\LentoException;
use ValueError;

/** One pot of a JSON log, PotRecord read backwards: everything is looked at before anything is kept. */
final readonly class RecordReader
{
    private const KEYS = ['id', 'name', 'sauce', 'cook', 'place', 'started_at', 'finished_at', 'left_out', 'question', 'plan', 'steps', 'outcome', 'lesson', 'events'];

    private const EVENT_KEYS = ['id', 'at', 'kind', 'step', 'pour', 'seconds', 'goes_to', 'value', 'choice', 'text', 'undoes'];

    public const MOST_STEPS = 200;

    private const MOST_EVENTS = 20_000;

    public const LONGEST_TEXT = 2000;

    public const MOST_MILLILITRES = 300_000.0;

    private function __construct(private int $line, private LineChecks $checks) {}

    /** @throws Refused naming the line and the field */
    public static function read(mixed $record, int $line): ReadPot
    {
        return (new self($line, new LineChecks($line)))->pot($record);
    }

    private function pot(mixed $record): ReadPot
    {
        $pot = $this->checks->map('pot', $record);
        $this->checks->known('', $pot, self::KEYS);
        $uid = $this->checks->text('id', $pot, 40, 1);
        $base = $pot['sauce'] ?? null;
        $question = $this->question($this->checks->map('question', $pot['question'] ?? null));
        $steps = $this->steps($pot['steps'] ?? null);
        $started = $this->checks->moment('started_at', $pot['started_at'] ?? null);
        $finished = $this->checks->moment('finished_at', $pot['finished_at'] ?? null);
        $events = $this->events($pot['events'] ?? null);
        $cook = isset($pot['cook']) ? $this->checks->text('cook', $pot, 60) : null;
        $place = $this->checks->text('place', $pot, 40);
        $over = Course::of($steps, $started, array_map(static fn(StoredEvent $event) => $event->toEvent(), $events), $place, $cook ?? '')->finishedAt;
        if ($over === null || abs((float) $over->format('U.v') - (float) $finished->format('U.v')) > 0.0005) {
            $this->checks->refuse('finished_at', new Fault('', 'not_its_end'));
        }
        if ($base !== null) {
            $this->checks->choice('sauce', $base, Base::class);
        }
        if (!is_bool($pot['left_out'] ?? null)) {
            $this->checks->refuse('left_out', new Fault('', 'yes_no'));
        }

        return new ReadPot($this->line, $uid, [
            'uid' => $uid,
            'base' => $base,
            'name' => $this->checks->text('name', $pot, 200, 1),
            'cook' => $cook,
            'place' => $place,
            'started_at' => $started,
            'finished_at' => $finished,
            'left_out' => $pot['left_out'],
            'question' => $question,
            'plan' => (new PlanReader($this->checks))->plan($this->checks->map('plan', $pot['plan'] ?? null)),
            'steps' => $steps,
            'outcome' => isset($pot['outcome']) ? (new ClosingReader($this->checks))->outcome($this->checks->map('outcome', $pot['outcome'])) : null,
            'lesson' => isset($pot['lesson']) ? (new ClosingReader($this->checks))->lesson($this->checks->map('lesson', $pot['lesson'])) : null,
        ], $events);
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return array<string, mixed>
     */
    private function question(array $question): array
    {
        $this->checks->known('question.', $question, ComposeFields::NAMES);
        foreach (array_keys($question) as $name) {
            $this->checks->text($name, $question, 600, path: 'question.');
        }

        return $question;
    }

    /** @return non-empty-list<Step> */
    private function steps(mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows) || $rows === [] || count($rows) > self::MOST_STEPS) {
            $this->checks->refuse('steps', new Fault('', 'list'));
        }
        $steps = [];
        foreach ($rows as $i => $row) {
            $step = $this->checks->map("steps.{$i}", $row);
            $this->checks->known("steps.{$i}.", $step, ['kind', 'seconds', 'hands_on', 'timed', 'pours', 'tendings']);
            $this->checks->choice("steps.{$i}.kind", $step['kind'] ?? null, StepKind::class);
            $this->checks->number("steps.{$i}.seconds", $step['seconds'] ?? null, 0.0, 1e6);
            $this->checks->whole("steps.{$i}.pours", $step['pours'] ?? null, self::MOST_STEPS);
            foreach (['hands_on', 'timed'] as $name) {
                if (!is_bool($step[$name] ?? null)) {
                    $this->checks->refuse("steps.{$i}.{$name}", new Fault('', 'yes_no'));
                }
            }
            foreach (isset($step['tendings']) ? $this->checks->map("steps.{$i}.tendings", $step['tendings']) : [] as $kind => $seconds) {
                $this->checks->choice("steps.{$i}.tendings", $kind, TendingKind::class);
                $this->checks->number("steps.{$i}.tendings.{$kind}", $seconds, 1.0, 1e6);
            }
            $steps[] = StepsCast::step($step);
        }

        return $steps;
    }

    /** @return list<StoredEvent> */
    private function events(mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows)) {
            $this->checks->refuse('events', new Fault('', 'list'));
        }
        if (count($rows) > self::MOST_EVENTS) {
            $this->checks->refuse('events', new Fault('', 'too_many', ['most' => (string) self::MOST_EVENTS]));
        }
        $events = [];
        foreach ($rows as $i => $row) {
            $path = "events.{$i}.";
            $event = $this->checks->map("events.{$i}", $row);
            $this->checks->known($path, $event, self::EVENT_KEYS);
            $this->checks->choice($path . 'kind', $event['kind'] ?? null, EventKind::class);
            $this->checks->numberIfThere($path . 'value', $event['value'] ?? null, -1e6, 1e6);
            $texts = [];
            foreach (['choice', 'text', 'undoes'] as $name) {
                $texts[] = isset($event[$name]) ? $this->checks->text($name, $event, $name === 'text' ? self::LONGEST_TEXT : 64, path: $path) : '';
            }
            $stored = new StoredEvent(
                EventKind::from(is_string($event['kind'] ?? null) ? $event['kind'] : ''),
                $this->checks->text('id', $event, 64, 1, $path),
                (int) $this->checks->moment($path . 'at', $event['at'] ?? null)->format('Uv'),
                $this->checks->whole($path . 'step', $event['step'] ?? null, self::MOST_STEPS),
                $this->checks->whole($path . 'pour', $event['pour'] ?? 0, self::MOST_STEPS),
                isset($event['goes_to']) ? $this->checks->whole($path . 'goes_to', $event['goes_to'], self::MOST_STEPS) : null,
                $this->checks->whole($path . 'seconds', $event['seconds'] ?? 0, 1_000_000),
                isset($event['value']) && is_numeric($event['value']) ? (float) $event['value'] : null,
                ...$texts,
            );
            try {
                $stored->toEvent();
            } catch (LentoException|ValueError) {
                $this->checks->refuse("events.{$i}", new Fault('', 'not_an_event', ['kind' => $stored->kind->value]));
            }
            $events[] = $stored;
        }

        return $events;
    }
}
