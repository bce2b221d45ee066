<?php

declare(strict_types=1);

namespace App\Devices;

use App\Format\Words;
use App\Models\Device;
use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\Moment;
use App\Stove\Mark;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Reading;
use Lento\Course\SignsOfLife;
use Lento\Course\Stamp;
use Lento\Stove\Plausible;
use Lento\Stove\PotWatch;

/**
 * Readings of a device become events of the pot that stands where it reads; what cannot be is counted and said.
 *
 * A device's clock is set right by when it says that it sent. Of a flood of readings one in ten seconds is kept, the first: its token is
 * that of its ten seconds, so that a reading sent again, late or out of order finds its place taken.
 */
final readonly class TakeReadings
{
    /** ms within which one reading of a device is enough. */
    private const ONE_IN = 10_000;

    /** ms for which a pot is reckoned through once, to hold readings against: a line that was down sends hours at a time. */
    private const ONE_WATCH = 300_000;

    /** ms that a device's clock may be off before it is set right. */
    private const CLOCK = 5_000;

    public function __construct(private RecordEvents $record) {}

    /**
     * @param list<Sent> $sent in any order
     * @param int $sentAtMs when it sent them, by its own clock: an hour off is set right by it
     *
     * @return array{kept: list<string>, ignored: list<array{id: string, why: string}>}
     */
    public function __invoke(Device $device, array $sent, int $sentAtMs, CarbonImmutable $now): array
    {
        $skew = $now->getTimestampMs() - $sentAtMs;
        $skew = abs($skew) > self::CLOCK ? $skew : 0;
        [$pot, $course] = $this->potAt($device->place);
        // A probe that was left in the sink goes on for weeks.
        $forgotten = $pot !== null
            && SignsOfLife::lastAt(Moment::of($pot->touched_at_ms ?? Moment::ms($pot->started_at)))->isBroken($now);
        [$kept, $ignored, $events, $taken, $watches] = [[], [], [], [], []];
        usort($sent, static fn(Sent $a, Sent $b): int => $a->atMs <=> $b->atMs);
        foreach ($sent as $reading) {
            $at = $reading->atMs + $skew;
            $slot = sprintf(Mark::DEVICE . '%d-%d-%d', $device->id, $pot->id ?? 0, intdiv($at, self::ONE_IN));
            $why = match (true) {
                $pot === null || $course === null => 'no_pot',
                $forgotten => 'forgotten',
                !$this->canBe($device, $reading->value) => 'nonsense',
                $at < $pot->started_at->getTimestampMs() => 'before',
                $at > $now->getTimestampMs() + self::CLOCK => 'future',
                isset($taken[$slot]) || $pot->events()->where('token', $slot)->exists() => 'often',
                !Plausible::reading(
                    Reading::ofSi($device->kind->reads(), $device->kind->inSi($reading->value)),
                    $watches[intdiv($at, self::ONE_WATCH)] ??= self::watchAt(
                        $pot,
                        $course,
                        Moment::of(self::ONE_WATCH * intdiv($at, self::ONE_WATCH)),
                    ),
                )
                    => 'unlikely',
                default => null,
            };
            if ($why === null) {
                $taken[$slot] = true;
                $kept[] = $reading->id;
                $events[] = Tap::made(
                    new ReadOff(
                        Stamp::of($slot, $course->step()->id, Moment::of($at)),
                        Reading::ofSi($device->kind->reads(), $device->kind->inSi($reading->value)),
                    ),
                );
            } else {
                $ignored[] = ['id' => $reading->id, 'why' => Words::text('devices.why.' . $why)];
            }
        }
        if ($pot !== null && $events !== []) {
            ($this->record)($pot, $events, $now);
        }
        $before = $device->pot_id === $pot?->id ? $device->pot_ignored : 0;
        $device->update([
            'heard_at' => $now,
            'pot_id' => $pot?->id,
            'pot_ignored' => $before + count($ignored),
            ...$ignored === []
                ? []
                : ['ignored' => $device->ignored + count($ignored), 'ignored_why' => $ignored[count($ignored) - 1]['why']],
        ]);

        return ['kept' => $kept, 'ignored' => $ignored];
    }

    /** The pot as it was at a moment, by what had happened until then. */
    private static function watchAt(Pot $pot, Course $course, DateTimeImmutable $then): ?PotWatch
    {
        $then = max($then, $pot->started_at->toDateTimeImmutable());
        $until = array_filter($course->events, static fn(Event $event): bool => $event->at <= $then);

        return PotWatch::of($pot->plan, Course::of($course->steps, $pot->started_at, $until, $course->place, $course->cook), $then);
    }

    private function canBe(Device $device, float $value): bool
    {
        [$least, $most] = $device->kind->reads()->range();
        $si = $device->kind->inSi($value);

        return is_finite($si) && $si >= $least && $si <= $most;
    }

    /** @return array{Pot|null, Course|null} the pot that stands there, the last put on if there are several */
    private function potAt(string $place): array
    {
        $on = Pot::query()->whereNull('finished_at')->latest('started_at')->latest('id')->pluck('place', 'id')->all();
        $moved = StoredEvents::movedTo(array_keys($on));
        foreach ($on as $id => $putOn) {
            if (($moved[$id] ?? $putOn) === $place) {
                $pot = Pot::query()->findOrFail($id);

                return [$pot, $pot->course()];
            }
        }

        return [null, null];
    }
}
