<?php

declare(strict_types=1);

namespace App\Log;

use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Records\Moment;
use App\Records\Node;
use App\Records\Unreadable;
use App\Typed\FieldFault;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Plan\Plan;

/** One pot of a log file of version 1, from before there were plans. Such files still come in; none are written any more. */
final readonly class FirstLogReader
{
    private const KEYS = [
        'id',
        'name',
        'sauce',
        'cook',
        'place',
        'started_at',
        'finished_at',
        'left_out',
        'question',
        'plan',
        'steps',
        'outcome',
        'lesson',
        'events',
    ];

    private const EVENT_KEYS = ['id', 'at', 'kind', 'step', 'pour', 'seconds', 'goes_to', 'value', 'choice', 'text', 'undoes'];

    private FirstFormat $format;

    public function __construct(Kitchen $kitchen)
    {
        $this->format = new FirstFormat($kitchen);
    }

    /** @throws Refused naming the line and the field */
    public function read(string $text, int $line): ReadPot
    {
        try {
            return $this->pot(Node::root(JsonElements::decoded($text, $line)), $line);
        } catch (Unreadable $wrong) {
            throw Refused::fault($line, mb_substr($wrong->path, 0, 80), FieldFault::of('', $wrong->why));
        }
    }

    /** @throws Unreadable */
    private function pot(Node $node, int $line): ReadPot
    {
        $node->only(self::KEYS);
        $question = $node->get('question');
        $question->only(ComposeFields::NAMES);
        // The rings and pans of the kitchen that wrote it are none of this one's.
        $asked = array_diff_key(array_map(static fn(Node $one): string => $one->atMost(600), $question->named()), ['pan' => 0, 'hob' => 0]);
        $steps = $node->get('steps')->all();
        if ($steps === [] || count($steps) > Plan::MOST_STEPS) {
            throw $node->get('steps')->wrong('list');
        }
        $plan = $this->format->plan($asked, $node->get('plan')->raw(), $node->get('steps')->listed());
        $started = Moment::read($node->get('started_at'));
        $outcome = $node->maybe('outcome')?->raw();
        $events = $this->events($node->get('events'), $plan, $outcome);
        $over = Course::of($plan->steps, $started, $events)->finishedAt;
        if ($over === null || abs(Moment::ms($over) - Moment::ms(Moment::read($node->get('finished_at')))) > 1) {
            throw $node->get('finished_at')->wrong('not_its_end');
        }

        return new ReadPot($line, $uid = $node->get('id')->atMost(40, 1), [
            'uid' => $uid,
            'sauce' => $node->maybe('sauce')?->atMost(60) ?? $plan->making?->sauce,
            'name' => $node->get('name')->atMost(200, 1),
            'cook' => $node->maybe('cook')?->atMost(60),
            'place' => self::place($node->get('place')->atMost(60)),
            'started_at' => $started,
            'left_out' => $node->get('left_out')->yes(),
            'question' => $asked,
            'plan' => $plan,
        ], $events);
    }

    /**
     * @param array<string, mixed>|null $outcome
     *
     * @return list<Event>
     */
    private function events(Node $node, Plan $plan, ?array $outcome): array
    {
        $all = $node->all();
        if (count($all) > RecordReader::MOST_EVENTS) {
            throw $node->wrong('too_many_events');
        }

        return array_map(function (Node $event) use ($plan, $outcome): Event {
            $event->only(self::EVENT_KEYS);
            $text = static fn(string $name, int $longest): string => $event->maybe($name)?->atMost($longest) ?? '';

            return $event->into(fn(): Event => $this->format->event([
                'id' => $event->get('id')->atMost(64, 1),
                'at' => Moment::ms(Moment::read($event->get('at'))),
                'kind' => $event->get('kind')->atMost(20, 1),
                'step' => $event->get('step')->whole(),
                'pour' => $event->maybe('pour')?->whole() ?? 0,
                'seconds' => $event->maybe('seconds')?->whole() ?? 0,
                'goes_to' => $event->maybe('goes_to')?->whole(),
                'value' => $event->maybe('value')?->float(),
                'choice' => self::place($text('choice', 64)),
                'text' => $text('text', RecordReader::LONGEST_TEXT),
                'undoes' => $text('undoes', 64),
            ], $plan, $outcome));
        }, $all);
    }

    /** A ring of the kitchen that wrote it is known by its number only: here it is some ring or other. */
    private static function place(string $place): string
    {
        return preg_replace('/\Aring-\d+\z/', '', $place) ?? $place;
    }
}
