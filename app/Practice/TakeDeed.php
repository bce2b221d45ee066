<?php

declare(strict_types=1);

namespace App\Practice;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\EyeReading;
use App\Models\Practice;
use App\Records\DeedCodec;
use App\Records\Moment;
use App\Records\Unreadable;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Eye\EyeKind;
use Lento\Plan\StepKind;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;

/** Writes down what was done at a practice pot, if the page that says it has seen all that was done before. */
final readonly class TakeDeed
{
    /** Times as fast as a clock that anybody plays; and s that a page may be ahead of it. */
    private const FASTEST = 60;

    public const BACK = 10;

    /** What is done at another page between the reckoning and the writing is taken back as well. */
    private const TRIES = 5;

    public function __construct(private Kitchen $kitchen) {}

    /** @param array<string, mixed> $row as DeedCodec has it */
    public function __invoke(Practice $practice, int $saw, array $row): Taken
    {
        try {
            $deed = DeedCodec::decode($row);
        } catch (LentoException|Unreadable) {
            $adds = ($row['kind'] ?? '') === DeedKind::Add->value;

            return Taken::refused($practice, Words::text($adds ? 'practice.refused.weight' : 'practice.refused.unread'));
        }
        $last = $practice->deeds === [] ? null : DeedCodec::decode($practice->deeds[count($practice->deeds) - 1]);
        // The answer to it was lost on the way, and it comes once more.
        if ($saw === $practice->version - 1 && $last?->equals($deed) === true) {
            return Taken::in($practice, RunningPractice::of($practice, $this->kitchen), $deed, again: true);
        }
        if ($saw !== $practice->version) {
            return Taken::conflict($practice, Words::text('practice.refused.meanwhile'));
        }
        if ($practice->finished_at !== null) {
            return Taken::refused($practice, Words::text('practice.refused.over'));
        }

        return $this->done($practice, $deed);
    }

    private function done(Practice $practice, Deed $deed): Taken
    {
        $now = Moment::ms(CarbonImmutable::now());
        $played = max(0, $now - $practice->moved_at_ms) / 1000 * self::FASTEST;
        if ($deed->at > $practice->second + max(RunningPractice::TRACE, (int) $played + RunningPractice::TRACE)) {
            return Taken::refused($practice, Words::text('practice.refused.future'));
        }
        if ($deed->at < $practice->second) {
            return Taken::refused($practice, Words::text('practice.refused.past'));
        }
        try {
            $running = RunningPractice::of($practice, $this->kitchen)->with($deed);
        } catch (Missing $missing) {
            $known = in_array($missing->what, ['liquid', 'whole-step', 'step'], true);

            return Taken::refused($practice, Words::text('practice.refused.' . ($known ? $missing->what : 'not_in_it')));
        } catch (OutOfRange) {
            return Taken::refused($practice, Words::text($deed->kind === DeedKind::Add
                ? 'practice.refused.weight'
                : 'practice.refused.unread'));
        }
        $written = $this->written($practice, [
            'deeds' => [...$practice->deeds, DeedCodec::encode($deed)],
            'version' => $practice->version + 1,
            'second' => $running->played->standing->second(),
            'moved_at_ms' => $now,
        ]);
        if (!$written) {
            return Taken::conflict($practice->refresh(), Words::text('practice.refused.meanwhile'));
        }

        Snapshots::keep($practice, $running);
        self::called($practice, $running, $deed);

        return Taken::in($practice, $running, $deed);
    }

    /**
     * Only if nobody has done anything meanwhile: what takes long was reckoned before, so that nobody waits for it.
     *
     * @param array<string, mixed> $values
     */
    private function written(Practice $practice, array $values): bool
    {
        return DB::transaction(static function () use ($practice, $values): bool {
            $version = Practice::query()->whereKey($practice->id)->lockForUpdate()->value('version');
            if ($version !== $practice->version) {
                return false;
            }
            $practice->update($values);

            return true;
        });
    }

    /** Who lifts a roux calls its shade. */
    private static function called(Practice $practice, RunningPractice $running, Deed $deed): void
    {
        $begins = $running->played->begins;
        $left = $begins[count($begins) - 2] ?? null;
        $step = $left === null ? null : $running->exercise->step($left->step);
        $roux = $running->exercise->cooking->roux;
        $shade = $running->played->standing->pot->state->shade;
        if ($deed->kind === DeedKind::Done && $step?->kind === StepKind::Colour && $roux !== null && $shade !== null) {
            EyeReading::query()->create([
                'cook_key' => $practice->cook_key,
                'kind' => EyeKind::Shade,
                'called' => ($roux->lifted->shade ?? $roux->ends)->value,
                'actual' => $shade->value,
            ]);
        }
    }

    /** Ten seconds of its time are taken back, with all that was done in them, by whomever. It counts. */
    public function back(Practice $practice, int $at): Practice
    {
        for ($try = 0; $try < self::TRIES && $practice->finished_at === null; $try++) {
            $until = max(0, max($at, 0) - self::BACK);
            $kept = array_values(array_filter($practice->deeds, static fn(array $deed): bool => ($deed['at'] ?? 0) < $until));
            // One that lasted, and lasted until now, goes whole.
            if (count($kept) === count($practice->deeds) && $practice->second > $until) {
                array_pop($kept);
            }
            $taken = (clone $practice)->fill(['deeds' => $kept]);
            $running = RunningPractice::of($taken, $this->kitchen);
            $values = [
                'deeds' => $kept,
                'version' => $practice->version + 1,
                'taken_back' => $practice->taken_back + 1,
                'second' => $running->played->standing->second(),
                'moved_at_ms' => Moment::ms(CarbonImmutable::now()),
            ];
            if ($this->written($practice, $values)) {
                Snapshots::keep($practice, $running);

                return $practice;
            }
            $practice = $practice->fresh() ?? $practice;
        }

        return $practice;
    }
}
