<?php

declare(strict_types=1);

namespace App\Log;

use App\Casts\StepsCast;
use App\Kitchen\StoredLesson;
use App\Questions\ComposeFields;
use App\Questions\Fault;
use App\Questions\Typed;
use App\Stove\StoredEvent;
use BackedEnum;
use DateTimeImmutable;
use DateTimeZone;
use Lento\Compose\Base;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\TendingKind;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Exception\LentoException;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;
use ValueError;

/** One pot of a JSON log, PotRecord read backwards: everything is looked at before anything is kept. */
final readonly class RecordReader
{
    private const KEYS = ['id', 'name', 'sauce', 'cook', 'place', 'started_at', 'finished_at', 'left_out', 'question', 'plan', 'steps', 'outcome', 'lesson', 'events'];

    private const EVENT_KEYS = ['id', 'at', 'kind', 'step', 'pour', 'seconds', 'goes_to', 'value', 'choice', 'text', 'undoes'];

    private const MOST_STEPS = 200;

    private const MOST_EVENTS = 20_000;

    private const LONGEST_TEXT = 2000;

    private const MOST_MILLILITRES = 300_000.0;

    private function __construct(private int $line) {}

    /** @throws Refused naming the line and the field */
    public static function read(mixed $record, int $line): ReadPot
    {
        return (new self($line))->pot($record);
    }

    private function pot(mixed $record): ReadPot
    {
        $pot = $this->map('pot', $record);
        $this->known('', $pot, self::KEYS);
        $uid = $this->text('id', $pot, 40, 1);
        $base = $pot['sauce'] ?? null;
        $question = $this->question($this->map('question', $pot['question'] ?? null));
        $steps = $this->steps($pot['steps'] ?? null);
        $started = $this->moment('started_at', $pot['started_at'] ?? null);
        $finished = $this->moment('finished_at', $pot['finished_at'] ?? null);
        $events = $this->events($pot['events'] ?? null);
        $cook = isset($pot['cook']) ? $this->text('cook', $pot, 60) : null;
        $place = $this->text('place', $pot, 40);
        $over = Course::of($steps, $started, array_map(static fn(StoredEvent $event) => $event->toEvent(), $events), $place, $cook ?? '')->finishedAt;
        if ($over === null || abs((float) $over->format('U.v') - (float) $finished->format('U.v')) > 0.0005) {
            $this->refuse('finished_at', new Fault('', 'not_its_end'));
        }
        if ($base !== null) {
            $this->choice('sauce', $base, Base::class);
        }
        if (!is_bool($pot['left_out'] ?? null)) {
            $this->refuse('left_out', new Fault('', 'yes_no'));
        }

        return new ReadPot($this->line, $uid, [
            'uid' => $uid,
            'base' => $base,
            'name' => $this->text('name', $pot, 200, 1),
            'cook' => $cook,
            'place' => $place,
            'started_at' => $started,
            'finished_at' => $finished,
            'left_out' => $pot['left_out'],
            'question' => $question,
            'plan' => $this->plan($this->map('plan', $pot['plan'] ?? null)),
            'steps' => $steps,
            'outcome' => isset($pot['outcome']) ? $this->outcome($this->map('outcome', $pot['outcome'])) : null,
            'lesson' => isset($pot['lesson']) ? $this->lesson($this->map('lesson', $pot['lesson'])) : null,
        ], $events);
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return array<string, mixed>
     */
    private function question(array $question): array
    {
        $this->known('question.', $question, ComposeFields::NAMES);
        foreach (array_keys($question) as $name) {
            $this->text($name, $question, 600, path: 'question.');
        }

        return $question;
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function plan(array $plan): array
    {
        foreach (['yield_ml' => self::MOST_MILLILITRES, 'liquid_ml' => self::MOST_MILLILITRES, 'flour_g' => 100_000.0, 'fat_g' => 100_000.0, 'minutes' => 10_000.0, 'end_depth_mm' => 2000.0, 'flour_equivalent_g_per_l' => 2000.0, 'film_mm' => 100.0] as $name => $most) {
            $this->numberIfThere('plan.' . $name, $plan[$name] ?? null, 0.0, $most);
        }
        foreach (['spoon' => SpoonWord::class, 'class' => ThicknessClass::class] as $name => $enum) {
            if (isset($plan[$name])) {
                $this->choice('plan.' . $name, $plan[$name], $enum);
            }
        }
        $foreseen = isset($plan['foreseen']) ? $this->map('plan.foreseen', $plan['foreseen']) : [];
        foreach (is_array($foreseen['could_be'] ?? null) ? $foreseen['could_be'] : [] as $class) {
            $this->choice('plan.foreseen.could_be', $class, ThicknessClass::class);
        }
        if (isset($plan['factors']) && StoredLesson::factorsOfRow($this->map('plan.factors', $plan['factors'])) === null) {
            $this->refuse('plan.factors', new Fault('', 'shape'));
        }
        $this->known('plan.', $plan, ['yield_ml', 'class', 'flour_equivalent_g_per_l', 'spoon', 'film_mm', 'flour_g', 'fat_g', 'liquid_ml', 'end_depth_mm', 'foreseen', 'factors', 'minutes', 'ladles', 'lines', 'root']);
        if (isset($plan['root'])) {
            $this->choice('plan.root', $plan['root'], Base::class);
        }
        $this->ladles($plan['ladles'] ?? []);
        $this->lines($plan['lines'] ?? []);

        return $plan;
    }

    /** What was to be ladled off a base. */
    private function ladles(mixed $rows): void
    {
        foreach ($this->rows('plan.ladles', $rows) as $i => $ladle) {
            $this->text('for', $ladle, 60, 1, "plan.ladles.{$i}.");
            $this->number("plan.ladles.{$i}.litres", $ladle['litres'] ?? null, 0.0, self::MOST_MILLILITRES / 1000.0);
            $this->known("plan.ladles.{$i}.", $ladle, ['for', 'litres']);
        }
    }

    /** The steps of a derivative in the words they were promised in. */
    private function lines(mixed $rows): void
    {
        foreach ($this->rows('plan.lines', $rows) as $i => $line) {
            foreach (['title', 'cue', 'caution'] as $name) {
                $this->text($name, $line, self::LONGEST_TEXT, path: "plan.lines.{$i}.");
            }
            foreach (['most_c', 'least_c'] as $name) {
                $this->numberIfThere("plan.lines.{$i}.{$name}", $line[$name] ?? null, 0.0, 150.0);
            }
            $ticks = $line['ticks'] ?? null;
            if (!is_array($ticks) || !array_is_list($ticks) || array_filter($ticks, static fn(mixed $tick): bool => !is_string($tick) || mb_strlen($tick) > self::LONGEST_TEXT) !== []) {
                $this->refuse("plan.lines.{$i}.ticks", new Fault('', 'list'));
            }
            $this->known("plan.lines.{$i}.", $line, ['title', 'cue', 'caution', 'ticks', 'most_c', 'least_c']);
        }
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $field, mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows) || count($rows) > self::MOST_STEPS) {
            $this->refuse($field, new Fault('', 'list'));
        }

        return array_map(fn(mixed $row, int $i): array => $this->map("{$field}.{$i}", $row), $rows, array_keys($rows));
    }

    /**
     * @param array<string, mixed> $outcome
     *
     * @return array<string, mixed>
     */
    private function outcome(array $outcome): array
    {
        $this->number('outcome.volume_ml', $outcome['volume_ml'] ?? null, 0.0, self::MOST_MILLILITRES);
        $this->choice('outcome.spoon', $outcome['spoon'] ?? null, SpoonWord::class);
        foreach (['taste', 'change'] as $name) {
            if (isset($outcome[$name])) {
                $this->text($name, $outcome, self::LONGEST_TEXT, path: 'outcome.');
            }
        }
        if (($outcome['colour'] ?? '') !== '') {
            $this->choice('outcome.colour', $outcome['colour'], Colour::class);
        }
        foreach (['hold_ml', 'cool_ml'] as $name) {
            $this->numberIfThere('outcome.' . $name, $outcome[$name] ?? null, 0.0, self::MOST_MILLILITRES);
        }
        $this->numberIfThere('outcome.flour_equivalent_g_per_l', $outcome['flour_equivalent_g_per_l'] ?? null, 0.0, 2000.0);
        if (isset($outcome['next'])) {
            $next = $this->map('outcome.next', $outcome['next']);
            foreach (['flour_g' => 1e5, 'liquid_ml' => self::MOST_MILLILITRES] as $name => $most) {
                $this->number('outcome.next.' . $name, $next[$name] ?? null, 0.0, $most);
            }
            foreach (['flour_change', 'liquid_change'] as $name) {
                $this->number('outcome.next.' . $name, $next[$name] ?? null, -1.0, 100.0);
            }
            foreach (['evaporation', 'browning', 'flour_strength'] as $name) {
                $this->numberIfThere('outcome.next.' . $name, $next[$name] ?? null, 0.0, 100.0);
            }
            $this->known('outcome.next.', $next, ['flour_g', 'flour_change', 'liquid_ml', 'liquid_change', 'evaporation', 'browning', 'flour_strength']);
        }
        $this->known('outcome.', $outcome, ['volume_ml', 'spoon', 'colour', 'taste', 'change', 'hold_ml', 'cool_ml', 'flour_equivalent_g_per_l', 'next']);

        return $outcome;
    }

    /**
     * @param array<string, mixed> $lesson
     *
     * @return array<string, mixed>
     */
    private function lesson(array $lesson): array
    {
        $this->number('lesson.pan_mm', $lesson['pan_mm'] ?? null, 20.0, 2000.0);
        if (isset($lesson['ring'])) {
            $this->text('ring', $lesson, 40, path: 'lesson.');
        }
        foreach (['evaporation', 'browning', 'flour'] as $name) {
            foreach (is_array($lesson[$name] ?? null) ? $lesson[$name] : [] as $number) {
                $this->number('lesson.' . $name, $number, 1e-4, 100.0);
            }
        }
        $this->known('lesson.', $lesson, ['pan_mm', 'level', 'heat', 'evaporation', 'browning', 'flour', 'ring']);
        if (StoredLesson::ofRow($lesson) === null) {
            $this->refuse('lesson', new Fault('', 'shape'));
        }

        return $lesson;
    }

    /** @return non-empty-list<Step> */
    private function steps(mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows) || $rows === [] || count($rows) > self::MOST_STEPS) {
            $this->refuse('steps', new Fault('', 'list'));
        }
        $steps = [];
        foreach ($rows as $i => $row) {
            $step = $this->map("steps.{$i}", $row);
            $this->known("steps.{$i}.", $step, ['kind', 'seconds', 'hands_on', 'timed', 'pours', 'tendings']);
            $this->choice("steps.{$i}.kind", $step['kind'] ?? null, StepKind::class);
            $this->number("steps.{$i}.seconds", $step['seconds'] ?? null, 0.0, 1e6);
            $this->whole("steps.{$i}.pours", $step['pours'] ?? null, self::MOST_STEPS);
            foreach (['hands_on', 'timed'] as $name) {
                if (!is_bool($step[$name] ?? null)) {
                    $this->refuse("steps.{$i}.{$name}", new Fault('', 'yes_no'));
                }
            }
            foreach (isset($step['tendings']) ? $this->map("steps.{$i}.tendings", $step['tendings']) : [] as $kind => $seconds) {
                $this->choice("steps.{$i}.tendings", $kind, TendingKind::class);
                $this->number("steps.{$i}.tendings.{$kind}", $seconds, 1.0, 1e6);
            }
            $steps[] = StepsCast::step($step);
        }

        return $steps;
    }

    /** @return list<StoredEvent> */
    private function events(mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows)) {
            $this->refuse('events', new Fault('', 'list'));
        }
        if (count($rows) > self::MOST_EVENTS) {
            $this->refuse('events', new Fault('', 'too_many', ['most' => (string) self::MOST_EVENTS]));
        }
        $events = [];
        foreach ($rows as $i => $row) {
            $path = "events.{$i}.";
            $event = $this->map("events.{$i}", $row);
            $this->known($path, $event, self::EVENT_KEYS);
            $this->choice($path . 'kind', $event['kind'] ?? null, EventKind::class);
            $this->numberIfThere($path . 'value', $event['value'] ?? null, -1e6, 1e6);
            $texts = [];
            foreach (['choice', 'text', 'undoes'] as $name) {
                $texts[] = isset($event[$name]) ? $this->text($name, $event, $name === 'text' ? self::LONGEST_TEXT : 64, path: $path) : '';
            }
            $stored = new StoredEvent(
                EventKind::from(is_string($event['kind'] ?? null) ? $event['kind'] : ''),
                $this->text('id', $event, 64, 1, $path),
                (int) $this->moment($path . 'at', $event['at'] ?? null)->format('Uv'),
                $this->whole($path . 'step', $event['step'] ?? null, self::MOST_STEPS),
                $this->whole($path . 'pour', $event['pour'] ?? 0, self::MOST_STEPS),
                isset($event['goes_to']) ? $this->whole($path . 'goes_to', $event['goes_to'], self::MOST_STEPS) : null,
                $this->whole($path . 'seconds', $event['seconds'] ?? 0, 1_000_000),
                isset($event['value']) && is_numeric($event['value']) ? (float) $event['value'] : null,
                ...$texts,
            );
            try {
                $stored->toEvent();
            } catch (LentoException|ValueError) {
                $this->refuse("events.{$i}", new Fault('', 'not_an_event', ['kind' => $stored->kind->value]));
            }
            $events[] = $stored;
        }

        return $events;
    }

    /** @return array<string, mixed> */
    private function map(string $field, mixed $value): array
    {
        if (!is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($field, new Fault('', $value === null ? 'missing' : 'shape'));
        }

        /** @var array<string, mixed> $value */
        return $value;
    }

    /**
     * @param array<string, mixed> $values
     * @param list<string> $known
     */
    private function known(string $path, array $values, array $known): void
    {
        $unknown = array_diff(array_map(strval(...), array_keys($values)), $known);
        if ($unknown !== []) {
            $this->refuse(mb_substr($path . array_values($unknown)[0], 0, 60), new Fault('', 'unknown_key'));
        }
    }

    /** @param array<string, mixed> $values */
    private function text(string $name, array $values, int $longest, int $shortest = 0, string $path = ''): string
    {
        $value = $values[$name] ?? null;
        if (!is_string($value)) {
            $this->refuse($path . $name, new Fault('', $value === null ? 'missing' : 'text'));
        }
        if (mb_strlen($value) < $shortest || mb_strlen($value) > $longest) {
            $this->refuse($path . $name, mb_strlen($value) < $shortest ? new Fault('', 'missing') : new Fault('', 'long', ['most' => (string) $longest]));
        }

        return $value;
    }

    private function number(string $field, mixed $value, float $least, float $most): void
    {
        if ((!is_int($value) && !is_float($value)) || $value < $least || $value > $most) {
            $this->refuse($field, new Fault('', 'number', ['least' => Typed::plain($least), 'most' => Typed::plain($most), 'unit' => '']));
        }
    }

    private function numberIfThere(string $field, mixed $value, float $least, float $most): void
    {
        if ($value !== null) {
            $this->number($field, $value, $least, $most);
        }
    }

    /** @return int<0, max> */
    private function whole(string $field, mixed $value, int $most): int
    {
        if (!is_int($value) || $value < 0 || $value > $most) {
            $this->refuse($field, new Fault('', 'number', ['least' => '0', 'most' => (string) $most, 'unit' => '']));
        }

        return $value;
    }

    /** @param class-string<BackedEnum> $enum */
    private function choice(string $field, mixed $value, string $enum): void
    {
        if (!is_string($value) || $enum::tryFrom($value) === null) {
            $this->refuse($field, new Fault('', $value === null ? 'missing' : 'choice', ['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?', 'choices' => implode(', ', array_column($enum::cases(), 'value'))]));
        }
    }

    private function moment(string $field, mixed $value): DateTimeImmutable
    {
        $moment = is_string($value) ? DateTimeImmutable::createFromFormat('!' . PotRecord::MOMENT, $value, new DateTimeZone('UTC')) : false;
        if ($moment === false || $moment->format(PotRecord::MOMENT) !== $value || $moment->getTimestamp() < 0) {
            $this->refuse($field, new Fault('', 'moment'));
        }

        return $moment->setTimezone(new DateTimeZone(date_default_timezone_get()));
    }

    private function refuse(string $field, Fault $fault): never
    {
        throw Refused::fault($this->line, $field, $fault);
    }
}
