<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateTimeImmutable;
use Lento\Exception\OutOfRange;

/** Which event this is, of which tub, when, and who said it. */
final readonly class Mark
{
    public const LONGEST_ID = 64;

    public const LONGEST_NAME = 60;

    private function __construct(public string $id, public string $tub, public DateTimeImmutable $at, public string $by) {}

    /**
     * @param string $id made where it was said: sent twice, it counts once; what an undoing names
     *
     * @throws OutOfRange for an id or a name that is longer than any that is made
     */
    public static function of(string $id, string $tub, DateTimeImmutable $at, string $by = ''): self
    {
        $longest = (float) max(strlen($id), strlen($tub));
        OutOfRange::refuse('length-of-an-event-id', $longest, 1.0, (float) self::LONGEST_ID, '');
        OutOfRange::refuse('length-of-a-name', (float) mb_strlen($by), 0.0, (float) self::LONGEST_NAME, '');

        return new self($id, $tub, $at, $by);
    }
}
