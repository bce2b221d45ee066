<?php

declare(strict_types=1);

namespace App\Watch;

/**
 * How many requests of which kind were answered how, and how fast, since this machine's Lento was set up; in one small file that all of its
 * processes share.
 */
final readonly class Counters
{
    /** s: the tap's own goal is among them. */
    public const BUCKETS = [0.025, 0.05, 0.1, 0.25, 0.5, 1.0, 2.5];

    public function __construct(private string $file) {}

    public static function usual(): self
    {
        return new self(storage_path('framework/requests.json'));
    }

    public function count(string $kind, int $status, float $seconds): void
    {
        $handle = @fopen($this->file, 'c+');
        // To be counted is worth no request: where the disk is full, or another holds the file for long, it is left.
        if ($handle === false || !flock($handle, LOCK_EX)) {
            return;
        }
        $all = self::read($handle);
        $answered = intdiv($status, 100) . 'xx';
        $all['answered'][$kind][$answered] = ($all['answered'][$kind][$answered] ?? 0) + 1;
        $all['seconds'][$kind] = ($all['seconds'][$kind] ?? 0.0) + $seconds;
        foreach (self::BUCKETS as $bucket) {
            $at = (string) $bucket;
            $all['within'][$kind][$at] = ($all['within'][$kind][$at] ?? 0) + ($seconds <= $bucket ? 1 : 0);
        }
        rewind($handle);
        $text = (string) json_encode($all);
        if (fwrite($handle, $text) === strlen($text)) {
            ftruncate($handle, strlen($text));
        }
        fclose($handle);
    }

    /**
     * @return array{answered: array<string, array<string, int>>, seconds: array<string, float>, within: array<string, array<string, int>>}
     */
    public function all(): array
    {
        $handle = @fopen($this->file, 'r');
        if ($handle === false) {
            return ['answered' => [], 'seconds' => [], 'within' => []];
        }
        flock($handle, LOCK_SH);
        $all = self::read($handle);
        fclose($handle);

        return $all;
    }

    /**
     * @param resource $handle
     *
     * @return array{answered: array<string, array<string, int>>, seconds: array<string, float>, within: array<string, array<string, int>>}
     */
    private static function read($handle): array
    {
        /**
         * @var array{
         *     answered?: array<string, array<string, int>>,
         *     seconds?: array<string, float>,
         *     within?: array<string, array<string, int>>,
         * } $kept
         */
        $kept = (array) json_decode((string) stream_get_contents($handle), true);

        return ['answered' => $kept['answered'] ?? [], 'seconds' => $kept['seconds'] ?? [], 'within' => $kept['within'] ?? []];
    }
}
