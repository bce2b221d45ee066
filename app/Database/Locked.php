<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;

/** Whether a database was too busy, which passes, and not wrong. */
final readonly class Locked
{
    /** SQLite's BUSY and LOCKED, by their numbers. */
    private const CODES = [5, 6];

    /** PostgreSQL's lock_not_available and deadlock_detected. */
    private const STATES = ['55P03', '40P01'];

    /** @param PDOException $e as a query or the beginning of a transaction throws it */
    public static function is(PDOException $e): bool
    {
        return in_array($e->errorInfo[1] ?? null, self::CODES, true) || in_array($e->errorInfo[0] ?? null, self::STATES, true);
    }
}
