<?php

declare(strict_types=1);

namespace App\Log;

use App\Questions\ComposeFields;
use App\Records\EventCodec;
use App\Records\Moment;
use App\Records\Node;
use App\Records\PlanCodec;
use App\Records\Unreadable;
use App\Stove\Projection;
use App\Typed\FieldFault;
use App\Typed\Schema;
use ArithmeticError;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Exception\LentoException;

/** One pot of a JSON log, PotRecord read backwards: everything is looked at before anything is kept. */
final readonly class RecordReader
{
    public const MOST_EVENTS = 20_000;

    public const LONGEST_TEXT = 2000;

    private const LONGEST_NAME = 200;

    private const LONGEST_ANSWER = 600;

    private Schema $schema;

    public function __construct(private Portable $portable)
    {
        $this->schema = Schema::shipped();
    }

    /** @throws Refused naming the line and the field */
    public function read(string $text, int $line): ReadPot
    {
        foreach ($this->faults(JsonElements::decoded($text, $line, asArrays: false)) as $field => $fault) {
            throw Refused::fault($line, mb_substr($field, 0, 80), $fault);
        }
        try {
            return $this->pot(Node::root($this->portable->in(JsonElements::decoded($text, $line))), $line);
        } catch (Unreadable $wrong) {
            throw Refused::fault($line, mb_substr($wrong->path, 0, 80), FieldFault::of('', $wrong->why));
        }
    }

    /**
     * What the schema has against it. Each event is held against that of its own kind: against all twenty a log would take a minute.
     *
     * @return iterable<string, FieldFault> by field
     */
    private function faults(mixed $record): iterable
    {
        $events = is_object($record) ? get_object_vars($record)['events'] ?? null : null;
        if (is_object($record) && is_array($events)) {
            $record = (object) [...get_object_vars($record), 'events' => []];
        }
        yield from $this->schema->faults('log#/$defs/pot', $record);
        foreach (is_array($events) && count($events) <= self::MOST_EVENTS ? $events : [] as $i => $event) {
            $kind = is_object($event) ? get_object_vars($event)['kind'] ?? '' : '';
            $part = EventKind::tryFrom(is_string($kind) ? $kind : '');
            $part = $part === null || $part === EventKind::Unknown ? 'newer' : $part->value;
            foreach ($this->schema->faults('event#/$defs/' . $part, $event) as $field => $fault) {
                yield rtrim("events.$i.$field", '.') => $fault;
            }
        }
    }

    /** @throws Unreadable */
    private function pot(Node $node, int $line): ReadPot
    {
        $started = Moment::read($node->get('started_at'));
        $plan = PlanCodec::decode($node->get('plan')->raw());
        $events = $this->events($node->get('events'));
        [$place, $cook] = [$node->get('place')->atMost(60), $node->maybe('cook')?->atMost(60)];
        $course = Course::of($plan->steps, $started, $events, $place, $cook ?? '');
        if ($course->finishedAt === null) {
            throw $node->get('events')->wrong('not_its_end');
        }
        // A plan that can be read may still be of no pot that there can be: whoever looks at it later reckons with it.
        try {
            Projection::from($plan, $course, $place);
        } catch (LentoException|ArithmeticError) {
            throw $node->get('plan')->wrong('no_pot');
        }

        return new ReadPot($line, $uid = $node->get('id')->atMost(40, 1), [
            'uid' => $uid,
            'name' => $node->get('name')->atMost(self::LONGEST_NAME, 1),
            'cook' => $cook,
            'place' => $place,
            'started_at' => $started,
            'left_out' => $node->get('left_out')->yes(),
            'question' => $this->question($node->get('question')),
            'plan' => $plan,
        ], $events);
    }

    /** @return array<string, string> */
    private function question(Node $node): array
    {
        $node->only(ComposeFields::NAMES);

        return array_map(static fn(Node $one): string => $one->atMost(self::LONGEST_ANSWER), $node->named());
    }

    /** @return list<Event> */
    private function events(Node $node): array
    {
        $all = $node->all();
        if (count($all) > self::MOST_EVENTS) {
            throw $node->wrong('too_many_events');
        }

        return array_map(EventCodec::ofFile(...), $all);
    }
}
