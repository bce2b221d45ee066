<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use Countable;

/**
 * The pots of a log file as they were read, packed: a file of 16 MB would take half a gigabyte otherwise, and all of them have to be fit
 * before any is kept.
 */
final class ReadPots implements Countable
{
    /** More are no log of one kitchen, and each takes its place in memory however small it is. */
    public const MOST = 20_000;

    /** @var list<string> */
    private array $packed = [];

    /** @throws Refused where there are too many */
    public function add(ReadPot $pot): void
    {
        if (count($this->packed) >= self::MOST) {
            throw Refused::at($pot->line, Words::text('log.file.too_many', most: self::MOST));
        }
        // The quickest that zlib knows: it is of minutes, and a plan says the same words again and again.
        $packed = gzdeflate(serialize($pot), 1);
        $this->packed[] = $packed === false ? throw Refused::at($pot->line, Words::text('log.file.unreadable')) : $packed;
    }

    public function count(): int
    {
        return count($this->packed);
    }

    /** @return iterable<ReadPot> from the end of the file to its beginning, each let go as the next is asked for */
    public function backwards(): iterable
    {
        for ($i = count($this->packed) - 1; $i >= 0; $i--) {
            $pot = unserialize((string) gzinflate($this->packed[$i]));
            if ($pot instanceof ReadPot) {
                yield $pot;
            }
        }
    }
}
