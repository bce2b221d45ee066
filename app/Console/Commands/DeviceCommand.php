<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\SimulatedPot;
use App\Kitchen\Kitchen;
use App\Models\DeviceKind;
use App\Models\Pot;
use App\Models\Tub;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Records\Moment;
use App\Shelf\StoredShelf;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Sleep;

/**
 * Stands in for a probe or a scale: a pot of the core, read every few seconds and posted like the real thing.
 *
 * In real time it ends when the simmer does; --past posts all of it at once, as a device does whose line was down.
 */
final class DeviceCommand extends Command
{
    protected $signature = 'lento:device {kind : probe or scale} {--token= : from Kitchen} {--url=http://127.0.0.1:8420 : where '
        . 'Lento answers} {--pot= : the number of a pot at the stove, read from where it is now} '
        . '{--container= : the number of a tub on the shelf, read as it cools} {--sauce=veloute} {--litres=2} '
        . '{--every=10 : seconds between readings} {--faster=1 : times real speed} {--past : post the whole pot at once, ended just now}';

    protected $description = 'Stand in for a probe or a scale';

    private const AT_ONCE = 500;

    /** s for which a tub is read at most. */
    private const LONGEST = 28_800.0;

    public function handle(Kitchen $kitchen): int
    {
        $kind = DeviceKind::tryFrom($this->text('kind', true));
        $token = $this->text('token');
        [$every, $faster] = [(float) $this->text('every'), (float) $this->text('faster')];
        if ($kind === null || $token === '' || $every < 1.0 || $faster < 1.0 || $faster > 600.0) {
            $this->error('lento: say probe or scale, --token from Kitchen, --every of at least 1 s, --faster from 1 to 600.');

            return self::INVALID;
        }
        if ($this->text('container') !== '') {
            return $this->inTub((int) $this->text('container'), $kind, $token, $every, $faster);
        }
        $standing = $this->text('pot') === '' ? null : Pot::query()->whereNull('finished_at')->find((int) $this->text('pot'));
        if ($standing === null && $this->text('pot') !== '') {
            $this->error('lento: no pot of that number is at the stove; its number stands in its address, /pots/5.');

            return self::INVALID;
        }
        $answer = Answer::to(
            ComposeFields::from(
                $standing === null ? ['sauce' => $this->text('sauce'), 'amount' => $this->text('litres')] : $standing->question,
            ),
            $kitchen,
        );
        if ($answer->sheet === null) {
            $this->error(
                'lento: ' . ($answer->faults === [] ? 'this pot has no sheet to be simulated from.' : $answer->faults[0]->message()),
            );

            return self::INVALID;
        }
        $pot = SimulatedPot::of($answer->sheet);
        // How long the pot has been on: all of it where it is simulated to end now, nothing where it begins.
        $on = $standing === null
            ? null
            : max(0.0, (CarbonImmutable::now()->getTimestampMs() - $standing->started_at->getTimestampMs()) / 1000.0);

        return $this->option('past')
            ? $this->past($pot, $kind, $token, $every, min($on ?? INF, $pot->seconds()))
            : $this->live($pot, $kind, $token, $every, $faster, $on ?? 0.0);
    }

    /** A tub that cools by the law: all that was until now with --past, else from now on. */
    private function inTub(int $id, DeviceKind $kind, string $token, float $every, float $faster): int
    {
        $row = Tub::query()->with('batch')->there()->find($id);
        $law = $row === null ? null : (StoredShelf::batch($row->batch)->tubs[$row->uid] ?? null)?->law();
        if ($row === null || $law === null || $kind !== DeviceKind::Probe) {
            $this->error('lento: no tub of that number is cooling; its number stands in its address, /keep/tubs/5.');

            return self::INVALID;
        }
        $reading = static fn(float $ms, DateTimeImmutable $as): array => [
            'id' => sprintf('tub-%d', (int) $ms),
            'at' => (int) $ms,
            'value' => round($law->temperature($as)->inCelsius(), 1),
        ];
        $now = CarbonImmutable::now()->getTimestampMs();
        if ($this->option('past') === true) {
            $readings = [];
            for ($ms = (float) $row->put_in_at_ms; $ms <= $now; $ms += 1000.0 * $every) {
                $readings[] = $reading($ms, Moment::of((int) $ms));
            }
            foreach (array_chunk($readings, self::AT_ONCE) as $some) {
                if (!$this->post($token, $some, $id)) {
                    return self::FAILURE;
                }
            }

            return self::SUCCESS;
        }
        for ($ahead = 0.0; $ahead < 1000.0 * self::LONGEST; $ahead += 1000.0 * $every * $faster) {
            $at = CarbonImmutable::now()->getTimestampMs();
            $one = $reading((float) $at, Moment::of((int) ($now + $ahead)));
            if (!$this->post($token, [$one], $id)) {
                return self::FAILURE;
            }
            $this->line(sprintf('%5.1F min  %s °C', $ahead / 60_000.0, $one['value']));
            Sleep::for((int) (1e6 * $every))->microseconds();
        }

        return self::SUCCESS;
    }

    /** @param float $until s of the pot that are over by now */
    private function past(SimulatedPot $pot, DeviceKind $kind, string $token, float $every, float $until): int
    {
        $end = CarbonImmutable::now()->getTimestampMs();
        $readings = [];
        for ($seconds = 0.0; $seconds <= $until; $seconds += $every) {
            $readings[] = [
                'id' => sprintf('past-%d', $seconds),
                'at' => $end - (int) (1000.0 * ($until - $seconds)),
                'value' => $pot->shows($kind, $seconds),
            ];
        }
        foreach (array_chunk($readings, self::AT_ONCE) as $some) {
            if (!$this->post($token, $some)) {
                return self::FAILURE;
            }
        }

        return self::SUCCESS;
    }

    /** @param float $from s that the pot has been on */
    private function live(SimulatedPot $pot, DeviceKind $kind, string $token, float $every, float $faster, float $from): int
    {
        for ($seconds = $from; $seconds <= $pot->seconds(); $seconds += $every * $faster) {
            $value = $pot->shows($kind, $seconds);
            if (
                !$this->post($token, [
                    [
                        'id' => sprintf('live-%d-%d', CarbonImmutable::now()->getTimestampMs(), $seconds),
                        'at' => CarbonImmutable::now()->getTimestampMs(),
                        'value' => $value,
                    ],
                ])
            ) {
                return self::FAILURE;
            }
            $this->line(sprintf('%5.1F min  %s %s', $seconds / 60.0, $value, $kind->unit()));
            Sleep::for((int) (1e6 * $every))->microseconds();
        }

        return self::SUCCESS;
    }

    /** @param list<array{id: string, at: int, value: float}> $readings */
    private function post(string $token, array $readings, ?int $container = null): bool
    {
        try {
            $answer = Http::withToken($token)
                ->acceptJson()
                ->timeout(20)
                ->post($this->text('url') . '/api/v1/readings', [
                    'sent_at' => CarbonImmutable::now()->getTimestampMs(),
                    'readings' => $readings,
                    ...$container === null ? [] : ['container' => $container],
                ])
                ->json();
        } catch (ConnectionException) {
            $answer = null;
        }
        if (!is_array($answer) || !isset($answer['kept'])) {
            $this->error(
                'lento: '
                    . (is_array($answer) && is_string($answer['message'] ?? null)
                        ? $answer['message']
                        : 'no answer from ' . $this->text('url')),
            );

            return false;
        }
        foreach (is_array($answer['ignored'] ?? null) ? array_slice($answer['ignored'], 0, 3) : [] as $ignored) {
            $this->line('  ignored: ' . (is_array($ignored) && is_string($ignored['why'] ?? null) ? $ignored['why'] : ''));
        }

        return true;
    }

    private function text(string $name, bool $argument = false): string
    {
        $value = $argument ? $this->argument($name) : $this->option($name);

        return is_string($value) ? $value : '';
    }
}
