<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Records\EventCodec;
use App\Records\Moment;
use App\Records\PlanCodec;
use Carbon\CarbonImmutable;
use Countable;
use DateTimeInterface;
use Lento\Plan\Plan;

/**
 * The pots of a log file as they were read, packed: a file of 16 MB would take half a gigabyte otherwise, and all of them have to be fit
 * before any is kept.
 */
final class ReadPots implements Countable
{
    /** More are no log of one kitchen, and each takes its place in memory however small it is. */
    public const MOST = 20_000;

    private const AS_IT_IS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /** @var list<string> */
    private array $packed = [];

    /** @throws Refused where there are too many */
    public function add(ReadPot $pot): void
    {
        if (count($this->packed) >= self::MOST) {
            throw Refused::at($pot->line, Words::text('log.file.too_many', most: self::MOST));
        }
        $this->packed[] = self::pack($pot);
    }

    /** As its row and its events' rows are written; by the quickest that zlib knows, for a plan says the same words again and again. */
    private static function pack(ReadPot $pot): string
    {
        [$plan, $started] = [$pot->pot['plan'] ?? null, $pot->pot['started_at'] ?? null];
        $packed = $plan instanceof Plan && $started instanceof DateTimeInterface ? gzdeflate(json_encode([
            'line' => $pot->line,
            'uid' => $pot->uid,
            'pot' => [...$pot->pot, 'plan' => PlanCodec::encode($plan), 'started_at' => Moment::ms($started)],
            'events' => array_map(EventCodec::toRow(...), $pot->events),
        ], self::AS_IT_IS), 1) : false;

        return $packed === false ? throw Refused::at($pot->line, Words::text('log.file.unreadable')) : $packed;
    }

    private static function unpack(string $packed): ReadPot
    {
        /** @var array{line: int, uid: string, pot: array<string, mixed>, events: list<array<string, mixed>>} $read */
        $read = json_decode((string) gzinflate($packed), true, 64, JSON_THROW_ON_ERROR);
        $started = $read['pot']['started_at'] ?? 0;

        return new ReadPot($read['line'], $read['uid'], [
            ...$read['pot'],
            'plan' => PlanCodec::decode($read['pot']['plan'] ?? null),
            'started_at' => CarbonImmutable::instance(Moment::of(is_int($started) ? $started : 0)),
        ], array_map(EventCodec::ofRow(...), $read['events']));
    }

    public function count(): int
    {
        return count($this->packed);
    }

    /** @return iterable<ReadPot> from the end of the file to its beginning, each let go as the next is asked for */
    public function backwards(): iterable
    {
        for ($i = count($this->packed) - 1; $i >= 0; $i--) {
            yield self::unpack($this->packed[$i]);
        }
    }
}
