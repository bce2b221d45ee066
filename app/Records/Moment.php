<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/** Points in time as they are kept: milliseconds since 1970 in a row, UTC in a file. No change of zone can shift them. */
final readonly class Moment
{
    public const FORMAT = 'Y-m-d\TH:i:s.v\Z';

    private function __construct() {}

    public static function of(int $ms): DateTimeImmutable
    {
        $moment = DateTimeImmutable::createFromFormat('U.v', sprintf('%d.%03d', intdiv($ms, 1000), $ms % 1000));

        return ($moment === false ? new DateTimeImmutable('@0') : $moment)->setTimezone(self::here());
    }

    public static function ms(DateTimeInterface $at): int
    {
        return (int) $at->format('Uv');
    }

    /** The same of one that may not be. */
    public static function maybe(?DateTimeInterface $at): ?int
    {
        return $at === null ? null : self::ms($at);
    }

    /** @throws Unreadable if it is none, or before 1970 */
    public static function read(Node $node): DateTimeImmutable
    {
        $text = $node->text();
        $moment = DateTimeImmutable::createFromFormat('!' . self::FORMAT, $text, new DateTimeZone('UTC'));
        if ($moment === false || $moment->format(self::FORMAT) !== $text || $moment->getTimestamp() < 0) {
            throw $node->wrong('moment');
        }

        return $moment->setTimezone(self::here());
    }

    private static function here(): DateTimeZone
    {
        return new DateTimeZone(date_default_timezone_get());
    }
}
