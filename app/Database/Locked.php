<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;

/** Whether a database was too busy, or its disk full, which passes, and not wrong: what was asked is asked again. */
final readonly class Locked
{
    /** SQLite's BUSY, LOCKED, IOERR and FULL, by their numbers. */
    private const CODES = [5, 6, 10, 13];

    /** PostgreSQL's lock_not_available, deadlock_detected, disk_full, and that it is starting or going. */
    private const STATES = ['55P03', '40P01', '53100', '57P01', '57P03', '08006'];

    /** @param PDOException $e as a query or the beginning of a transaction throws it */
    public static function is(PDOException $e): bool
    {
        return in_array($e->errorInfo[1] ?? null, self::CODES, true) || in_array($e->errorInfo[0] ?? null, self::STATES, true);
    }
}
