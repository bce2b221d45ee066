<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use Illuminate\Support\Facades\Cache;
use Lento\Practice\Debrief;
use Lento\Practice\Exercise;
use Lento\Practice\Played;
use Throwable;

/**
 * How a practice pot stood after its last deed, and what was found when it was talked over: what its row gives in tens of milliseconds, or
 * in a second, is there at once. Nothing depends on it; where it is gone, or of another state, the row is reckoned through.
 */
final readonly class Snapshots
{
    /** s */
    private const KEPT = 3600;

    private const STOOD = 'practice-';

    private const TALKED_OVER = 'practice-talked-over-';

    private function __construct() {}

    public static function keep(Practice $practice, RunningPractice $running): void
    {
        self::put(self::STOOD, $practice, [$running->exercise, $running->played]);
    }

    /** @return array{Exercise, Played}|null */
    public static function of(Practice $practice): ?array
    {
        [$exercise, $played] = self::get(self::STOOD, $practice) + [null, null];

        return $exercise instanceof Exercise && $played instanceof Played ? [$exercise, $played] : null;
    }

    /** What was found when it was talked over, reckoned once. */
    public static function debrief(Practice $practice, RunningPractice $running): Debrief
    {
        $kept = self::get(self::TALKED_OVER, $practice)[0] ?? null;
        if ($kept instanceof Debrief) {
            return $kept;
        }
        $debrief = Debrief::of($running->exercise, $running->played);
        self::put(self::TALKED_OVER, $practice, [$debrief]);

        return $debrief;
    }

    /** @param list<object> $what */
    private static function put(string $kind, Practice $practice, array $what): void
    {
        Cache::put($kind . $practice->id, [self::mark($practice), ...$what], self::KEPT);
    }

    /** @return list<mixed> nothing where it is gone, or of another state */
    private static function get(string $kind, Practice $practice): array
    {
        if (!$practice->exists) {
            return [];
        }
        try {
            $kept = Cache::get($kind . $practice->id);
        } catch (Throwable) {
            // Written by a Lento whose pots had another shape.
            return [];
        }
        $kept = is_array($kept) ? array_values($kept) : [];

        return ($kept[0] ?? null) === self::mark($practice) ? array_slice($kept, 1) : [];
    }

    /** What it was reckoned from: in a database that was laid back or begun anew the same number may be another pot. */
    private static function mark(Practice $practice): string
    {
        $row = $practice->getAttributes();

        return hash('sha256', (string) json_encode([$row['plan'] ?? '', $row['quirks'] ?? '', $row['deeds'] ?? '']));
    }
}
