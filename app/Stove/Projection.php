<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\EventCodec;
use App\Records\LessonCodec;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Course\Course;
use Lento\Course\HandsTaken;
use Lento\Course\Happened\Moved;
use Lento\Course\Happened\TakenOff;
use Lento\Course\Outcome;
use Lento\Course\SignsOfLife;
use Lento\Exception\LentoException;
use Lento\Learning\Lesson;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Stove\NextTime;
use Lento\Stove\PotWatch;

/**
 * What is written down beside a pot because it is asked for often: when it was over, whose it was, what came out, what it taught.
 *
 * All of it follows from the pot's plan and its events alone, so that it can be thrown away and written anew.
 */
final readonly class Projection
{
    /** Places that are rings of a hob: what a roux teaches is of that ring. */
    private const RING = 'ring-';

    /**
     * @param array<string, mixed>|null $outcome
     * @param array<string, mixed>|null $lesson
     */
    private function __construct(
        public ?CarbonImmutable $finishedAt,
        public bool $givenUp,
        public ?array $outcome,
        public ?array $lesson,
        private string $cook,
        private ?int $callsAt,
    ) {}

    public static function of(Pot $pot): self
    {
        return self::from($pot->plan, $pot->course(), $pot->place);
    }

    /**
     * @param string $place where it was put on
     *
     * @throws LentoException where nothing can be reckoned with such a plan
     */
    public static function from(Plan $plan, Course $course, string $place): self
    {
        $finished = $course->finishedAt;
        if ($finished === null) {
            return new self(null, false, null, null, '', Moment::maybe($course->nextCall()?->at));
        }
        $outcome = $course->outcome();
        $watch = $outcome === null ? null : PotWatch::of($plan, $course, $finished);

        return new self(
            CarbonImmutable::instance($finished),
            $course->ending() instanceof TakenOff,
            $outcome === null ? null : self::outcome($outcome, $watch),
            // One that was forgotten on the way says nothing of this kitchen.
            $outcome === null || $watch === null || SignsOfLife::of($course)->isBroken($finished)
                ? null
                : self::lesson($watch, $outcome, $place),
            $course->cook,
            null,
        );
    }

    public function writeTo(Pot $pot): void
    {
        // Whose a pot is while it is on is said by its events; what is kept of one that is over is found by it.
        $cook = $this->finishedAt === null || $this->cook === '' ? $pot->cook : $this->cook;
        $pot->update([
            'finished_at' => $this->finishedAt,
            'given_up' => $this->givenUp,
            'outcome' => $this->outcome,
            'lesson' => $this->lesson,
            'cook' => $cook,
            'calls_at_ms' => $this->callsAt,
            'touched_at_ms' => StoredEvents::lastSign($pot->id) ?? Moment::ms($pot->started_at),
            ...($this->isStoodInFor($pot) ? ['service_id' => null, 'branch' => null] : []),
        ]);
    }

    /** Taken off, put on again as another pot, and then taken back: the other one is its service's now. */
    private function isStoodInFor(Pot $pot): bool
    {
        return !$this->givenUp
            && $pot->branch !== null
            && Pot::query()
                ->where('service_id', $pot->service_id)
                ->where('branch', $pot->branch)
                ->where('given_up', false)
                ->whereKeyNot($pot->id)
                ->exists();
    }

    /** @return array<string, array{string, string}> by column: as it is kept, and as it follows from the events */
    public function differsFrom(Pot $pot): array
    {
        $text = static fn(mixed $value): string => json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
        $moment = static fn(?CarbonImmutable $at): ?string => $at?->utc()->format('Y-m-d H:i:s.v');
        $all = [
            'finished_at' => [$moment($pot->finished_at), $moment($this->finishedAt)],
            'given_up' => [$pot->given_up, $this->givenUp],
            'outcome' => [$pot->outcome, $this->outcome],
            // Of a pot that was over before hands were timed they are not asked.
            'lesson' => [$pot->lesson, isset($pot->lesson['hands']) ? $this->lesson : self::withoutHands($this->lesson)],
        ];

        return array_filter(
            array_map(static fn(array $pair): array => [$text($pair[0]), $text($pair[1])], $all),
            static fn(array $pair): bool => $pair[0] !== $pair[1],
        );
    }

    /** @return array<string, mixed> */
    private static function outcome(Outcome $outcome, ?PotWatch $watch): array
    {
        $next = $watch === null ? null : NextTime::of($watch, $outcome);

        return array_filter([
            ...EventCodec::outcome($outcome),
            'g_per_l' => $watch?->sauce === null ? null : round($watch->sauce->thickness->likely->gramsPerLitre, 2),
            'next' => $next === null ? null : [
                'flour_g' => round($next->flour->inGrams(), 1),
                'flour_change' => round($next->flourChange, 4),
                'liquid_ml' => round($next->liquid->inMillilitres(), 1),
                'liquid_change' => round($next->liquidChange, 4),
                'evaporation' => round($next->kitchen->evaporation->value, 4),
                'browning' => round($next->kitchen->browning->value, 4),
                'flour_strength' => round($next->kitchen->flourStrength->value, 4),
            ],
        ], static fn(mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed>|null null where nothing was shown of the kitchen */
    private static function lesson(PotWatch $watch, Outcome $outcome, string $putOn): ?array
    {
        $cooking = $watch->cooking;
        $lesson = Lesson::between(
            $cooking->place->kitchen,
            $watch->after($outcome)->kitchen(),
            $cooking->place->pan->diameter,
            $cooking->ways->level,
            $cooking->roux->heat ?? LessonCodec::NO_ROUX,
            self::ring($watch->course, $putOn),
        )->timing(HandsTaken::at($watch->course));

        return $lesson->teaches() ? LessonCodec::toRow($lesson) : null;
    }

    /**
     * @param array<string, mixed>|null $lesson
     *
     * @return array<string, mixed>|null
     */
    private static function withoutHands(?array $lesson): ?array
    {
        $rest = array_diff_key($lesson ?? [], ['hands' => true]);
        $taught = array_intersect_key($rest, ['evaporation' => true, 'browning' => true, 'flour' => true]);

        return array_filter($taught, static fn(mixed $one): bool => $one !== null) === [] ? null : $rest;
    }

    /** Where its roux was cooked, as the kitchen's lessons know it. */
    private static function ring(Course $course, string $place): string
    {
        $roux = $course->firstBegun(StepKind::Colour);
        foreach ($course->all(Moved::class) as $moved) {
            $place = $roux !== null && $moved->at <= $roux ? $moved->place : $place;
        }

        return str_starts_with($place, self::RING) ? $place : '';
    }
}
