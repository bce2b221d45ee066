<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;

/** The log as JSON, docs/formats/log.schema.json: everything of each pot, one pot a line. */
final readonly class LogJson
{
    public const FORMAT = 'lento-log';

    public const VERSION = 1;

    private const AT_ONCE = 50;

    /**
     * @param list<int> $ids of the pots, in their order in the file
     *
     * @return iterable<string> the file piece by piece
     */
    public static function write(array $ids): iterable
    {
        yield sprintf('{"format":"%s","version":%d,"pots":[', self::FORMAT, self::VERSION);
        $between = "\n";
        foreach (array_chunk($ids, self::AT_ONCE) as $some) {
            foreach (PotRecord::ofAll($some) as $record) {
                yield $between . json_encode($record, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
                $between = ",\n";
            }
        }
        yield "\n]}\n";
    }

    /**
     * @return list<ReadPot> in the order of the file
     *
     * @throws Refused naming the line
     */
    public static function read(string $text): array
    {
        $elements = JsonElements::of($text, 'pots');
        $head = $elements->rest();
        if (($head['format'] ?? null) !== self::FORMAT) {
            throw Refused::at(1, Words::text('log.file.foreign'));
        }
        if (($head['version'] ?? null) !== self::VERSION) {
            throw Refused::at(1, Words::text('log.file.version', version: self::VERSION));
        }
        $pots = [];
        foreach ($elements->each() as $line => $record) {
            $pots[] = RecordReader::read($record, $line);
        }

        return $pots;
    }
}
