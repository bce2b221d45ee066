<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Kitchen\Kitchen;

/** The log as JSON, docs/formats/log.schema.json: everything of each pot, one pot a line. */
final readonly class LogJson
{
    public const FORMAT = 'lento-log';

    public const VERSION = 2;

    private const FIRST = 1;

    private const AT_ONCE = 50;

    private const AS_WRITTEN = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /**
     * @param list<int> $ids of the pots, in their order in the file
     *
     * @return iterable<string> the file piece by piece
     */
    public static function write(array $ids, Kitchen $kitchen): iterable
    {
        $record = new PotRecord(Portable::of($kitchen));
        yield sprintf('{"format":"%s","version":%d,"pots":[', self::FORMAT, self::VERSION);
        $between = "\n";
        foreach (array_chunk($ids, self::AT_ONCE) as $some) {
            foreach ($record->ofAll($some) as $pot) {
                yield $between
                    . json_encode($pot, self::AS_WRITTEN);
                $between = ",\n";
            }
        }
        yield "\n]}\n";
    }

    /** @throws Refused naming the line */
    public static function read(string $text, Kitchen $kitchen): ReadPots
    {
        $elements = JsonElements::of($text, 'pots');
        $head = $elements->rest();
        if (($head['format'] ?? null) !== self::FORMAT) {
            throw Refused::at(1, Words::text('log.file.foreign'));
        }
        if (!in_array($head['version'] ?? null, [self::FIRST, self::VERSION], true)) {
            throw Refused::at(1, Words::text('log.file.version', version: self::VERSION));
        }
        $reader = $head['version'] === self::FIRST ? new FirstLogReader($kitchen) : new RecordReader(Portable::of($kitchen));
        $pots = new ReadPots();
        foreach ($elements->each() as $line => $pot) {
            $pots->add($reader->read($pot, $line));
        }

        return $pots;
    }
}
